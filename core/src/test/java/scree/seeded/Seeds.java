package scree.seeded;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ArgumentsSource;

/**
 * A property that holds whatever is drawn: the method takes one {@link Draw} and runs once a seed, 0 upwards, so that every run
 * of the tests sees the same. A run that fails bears its seed and what was drawn; {@code -Dseed=17} runs that one alone, also one
 * beyond the usual number.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@ParameterizedTest(name = "{0}")
@ArgumentsSource(SeededDraws.class)
@ExtendWith(TellsTheDraw.class)
public @interface Seeds {
    /** Returns how many seeds are tried. */
    int value() default 100;
}
