package pebblestep.codec;

import java.io.IOException;
import java.io.Writer;
import java.util.List;
import java.util.Set;
import javax.annotation.processing.AbstractProcessor;
import javax.annotation.processing.RoundEnvironment;
import javax.annotation.processing.SupportedAnnotationTypes;
import javax.lang.model.SourceVersion;
import javax.lang.model.element.AnnotationMirror;
import javax.lang.model.element.AnnotationValue;
import javax.lang.model.element.Element;
import javax.lang.model.element.ExecutableElement;
import javax.lang.model.element.PackageElement;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.TypeMirror;
import javax.tools.Diagnostic;

/** Writes the class that {@link JsonOf} asks for. */
@SupportedAnnotationTypes("pebblestep.codec.JsonOf")
public final class JsonProcessor extends AbstractProcessor {
    @Override
    public SourceVersion getSupportedSourceVersion() {
        return SourceVersion.latestSupported();
    }

    @Override
    public boolean process(Set<? extends TypeElement> annotations, RoundEnvironment round) {
        for (TypeElement annotation : annotations) {
            for (Element asking : round.getElementsAnnotatedWith(annotation)) write(asking, annotation);
        }
        return true;
    }

    private void write(Element asking, TypeElement annotation) {
        PackageElement home = processingEnv.getElementUtils().getPackageOf(asking);
        JsonSource source = new JsonSource(
                processingEnv.getTypeUtils(),
                processingEnv.getElementUtils(),
                home.getQualifiedName().toString());
        try {
            wanted(asking, annotation, "read").forEach(source::read);
            wanted(asking, annotation, "write").forEach(source::write);
            try (Writer out = processingEnv
                    .getFiler()
                    .createSourceFile(home.getQualifiedName() + ".Json", asking)
                    .openWriter()) {
                out.write(source.text());
            }
        } catch (IOException | IllegalArgumentException e) {
            processingEnv.getMessager().printMessage(Diagnostic.Kind.ERROR, String.valueOf(e.getMessage()), asking);
        }
    }

    @SuppressWarnings("unchecked")
    private static List<TypeMirror> wanted(Element asking, TypeElement annotation, String part) {
        for (AnnotationMirror one : asking.getAnnotationMirrors()) {
            if (!one.getAnnotationType().asElement().equals(annotation)) continue;
            for (ExecutableElement name : one.getElementValues().keySet()) {
                if (!name.getSimpleName().contentEquals(part)) continue;
                return ((List<? extends AnnotationValue>)
                                one.getElementValues().get(name).getValue())
                        .stream().map(value -> (TypeMirror) value.getValue()).toList();
            }
        }
        return List.of();
    }
}
