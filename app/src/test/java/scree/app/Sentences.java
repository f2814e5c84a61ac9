package scree.app;

import org.springframework.context.MessageSource;
import org.springframework.context.support.ResourceBundleMessageSource;

/** The words of the application, for views that are tested without it. */
public final class Sentences {
    private Sentences() {}

    /** Returns all of them. */
    public static MessageSource all() {
        ResourceBundleMessageSource words = new ResourceBundleMessageSource();
        words.setBasename("messages");
        words.setDefaultEncoding("UTF-8");
        return words;
    }
}
