package pebblestep.documents.practice;

import java.util.List;
import pebblestep.core.practice.Cautions.Caution;
import pebblestep.core.practice.Cautions.Moment;

/** A caution and its moment. */
public record CautionPart(Moment moment, String text) {
    static List<CautionPart> of(List<Caution> cautions) {
        return cautions.stream()
                .map(caution -> new CautionPart(caution.moment(), caution.text()))
                .toList();
    }

    Caution read() {
        return new Caution(moment, text);
    }
}
