package scree.app.meter;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Takes the meters' addresses from the settings where no stand-in is plugged in. */
@Configuration
class MeterConfig {
    private record Settings(String colour, String light) implements MeterAddresses {}

    @Bean
    @ConditionalOnProperty(name = "scree.demo.enabled", havingValue = "false", matchIfMissing = true)
    MeterAddresses meterAddresses(
            @Value("${scree.meter.address:}") String colour, @Value("${scree.light-meter.address:}") String light) {
        return new Settings(colour, light);
    }
}
