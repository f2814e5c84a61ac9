package scree.app.skin;

import java.util.List;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import scree.app.web.Words;
import scree.core.light.LightVerdict;
import scree.core.reason.Reason;

/** Puts a light's verdict into words; what to do stands in them. */
@Component
public class LightWords extends Words {
    public LightWords(MessageSource messages) {
        super(messages);
    }

    /** Returns the grade in a word or two, for wherever a reading is used. */
    public String grade(LightVerdict verdict) {
        return say("light.grade." + verdict.grade());
    }

    /** Returns the heading of the Light page. */
    public String heading(LightVerdict verdict) {
        return say("light.heading." + verdict.grade());
    }

    /** Returns what is seen and what to do, worst first. */
    public List<String> reasons(LightVerdict verdict) {
        return verdict.reasons().stream().map(this::reason).toList();
    }

    /** Says why a light is as it is. */
    public String reason(Reason reason) {
        Object[] args = reason.args().stream()
                .map(a -> a instanceof Enum<?> side ? say("light.side." + side.name()) : String.valueOf(a))
                .toArray();
        return say("light.why." + reason.code().name(), args);
    }
}
