package scree.app.web;

import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAccessor;
import java.util.Locale;
import java.util.Optional;
import org.springframework.context.MessageSource;
import org.springframework.context.annotation.Primary;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.stereotype.Component;

/** The words of the messages, in the language of whoever asks. What a stage says beyond that, it says in a class of its own
 * over this one. */
@Component
@Primary
public class Words {
    private final MessageSource messages;

    public Words(MessageSource messages) {
        this.messages = messages;
    }

    /**
     * Returns the message under a key.
     *
     * @param key in full
     * @throws org.springframework.context.NoSuchMessageException when there is none
     */
    public String say(String key, Object... args) {
        return messages.getMessage(key, args.length == 0 ? null : args, locale());
    }

    /** Returns the message under a key, if there is one. */
    public Optional<String> find(String key, Object... args) {
        return Optional.ofNullable(messages.getMessage(key, args.length == 0 ? null : args, null, locale()));
    }

    /**
     * Returns a date or time as the language writes it.
     *
     * @param key of the message that holds the pattern of {@link DateTimeFormatter}
     */
    public String date(String key, TemporalAccessor when) {
        return DateTimeFormatter.ofPattern(say(key), locale()).format(when);
    }

    /** Returns the language of whoever asks, for case and dates. */
    public Locale locale() {
        return LocaleContextHolder.getLocale();
    }
}
