package pebblestep.app.platform;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.core.convert.converter.ConverterFactory;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import pebblestep.core.Identified;
import pebblestep.exchange.IdentifiedNames;
import tools.jackson.databind.JacksonModule;

/** Reads and writes the members of closed sets by their ids, in request bodies and in addresses. */
@Configuration
class ClosedSets implements WebMvcConfigurer {
    @Bean
    JacksonModule identifiedNames() {
        return new IdentifiedNames();
    }

    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverterFactory(new ById());
    }

    @SuppressWarnings({"rawtypes", "unchecked"})
    private static final class ById implements ConverterFactory<String, Identified> {
        @Override
        public <T extends Identified> Converter<String, T> getConverter(Class<T> set) {
            return id -> (T) Identified.of((Class) set, id);
        }
    }
}
