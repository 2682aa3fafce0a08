package pebblestep.app.platform;

import com.fasterxml.jackson.annotation.Nulls;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import pebblestep.exchange.ValueLimits;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JacksonModule;

/** Makes every endpoint read JSON strictly: values outside the limits, nulls in lists and fractions for integers are refused. */
@Configuration
class StrictJson {
    @Bean
    JacksonModule meantValues() {
        return new ValueLimits();
    }

    @Bean
    JsonMapperBuilderCustomizer nothingIsGuessed() {
        return mapper -> mapper.changeDefaultNullHandling(of -> of.withContentNulls(Nulls.FAIL))
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT);
    }
}
