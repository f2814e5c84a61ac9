package scree.app.studio;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Says to whom a page, or every page of a controller, is open; one at the method counts before one at the class. A page without it is open to
 * owners and artists. Of visitors who are not signed in it says nothing.
 */
@Target({ElementType.METHOD, ElementType.TYPE})
@Retention(RetentionPolicy.RUNTIME)
public @interface OpenTo {
    /** Returns all to whom it is open. */
    Role[] value();
}
