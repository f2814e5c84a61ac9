package scree.app;

import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.TestPropertySource;

/** The whole application without a listening port, on the throw-away cluster that ./scree test starts; one context for all that bear this. */
@AutoConfigureMockMvc
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.MOCK)
@Import(Ground.class)
@TestPropertySource(properties = {"scree.demo.enabled=false", "scree.password-cost=4"})
@java.lang.annotation.Retention(java.lang.annotation.RetentionPolicy.RUNTIME)
public @interface TestDatabase {}
