package scree.app;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.TestPropertySource;

/** The whole application with the made-up concert, on a schema of its own; one for all that bear this, for loading it takes half a minute. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
@Import(DemoLater.class)
@TestPropertySource(
        properties = {
            "scree.demo.enabled=true",
            "scree.password-cost=4",
            "scree.demo.portrait-width=700",
            "scree.demo.portrait-cache=target/portraits",
            "scree.sheets.settles-after=0s",
            "spring.datasource.hikari.schema=" + DemoStudio.SCHEMA,
            "spring.flyway.default-schema=" + DemoStudio.SCHEMA
        })
public @interface DemoStudio {
    /** Where its rows lie. */
    String SCHEMA = "journey";
}
