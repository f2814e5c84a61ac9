package scree.app.web;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.time.LocalDate;

/** A day that somebody means: from 1990 to fifty years ahead. The schema has the same bounds, a little wider. */
@Documented
@Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.RECORD_COMPONENT})
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = CalendarDay.Bounds.class)
public @interface CalendarDay {
    String message() default "{scree.CalendarDay.message}";

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};

    /** Leaves an empty field alone. */
    final class Bounds implements ConstraintValidator<CalendarDay, LocalDate> {
        static final LocalDate FIRST = LocalDate.of(1990, 1, 1);
        static final int YEARS_AHEAD = 50;

        /** Returns whether a day lies within the bounds. */
        public static boolean means(LocalDate day, LocalDate today) {
            return !day.isBefore(FIRST) && !day.isAfter(today.plusYears(YEARS_AHEAD));
        }

        @Override
        public boolean isValid(LocalDate day, ConstraintValidatorContext context) {
            return day == null
                    || means(day, LocalDate.now(context.getClockProvider().getClock()));
        }
    }
}
