package scree.app.sitting;

import org.springframework.context.MessageSource;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.stereotype.Component;

/** Few words that a stage says of itself on its stone. */
@Component
public class StageWords {
    private final MessageSource messages;

    public StageWords(MessageSource messages) {
        this.messages = messages;
    }

    /** @param key in full */
    public String say(String key, Object... args) {
        return messages.getMessage(key, args.length == 0 ? null : args, LocaleContextHolder.getLocale());
    }
}
