package scree.app.judge;

import java.util.List;
import scree.app.web.Words;
import scree.core.reason.Reason;
import scree.core.shade.Role;

/** Says what to look for where a kit has nothing. */
public final class SoughtWords {
    private final Words words;

    public SoughtWords(Words words) {
        this.words = words;
    }

    /** @param what as {@link scree.core.judge.Sought#words} gives it */
    public String say(Role role, Reason what) {
        List<Object> a = what.args();
        return words.say(
                "sought.LOOK_FOR",
                words.say("role." + role).toLowerCase(words.locale()),
                words.say("sought.beside." + a.get(0), a.get(1)),
                words.say("sought.hue." + a.get(2)),
                words.say("sought.colour." + a.get(3)));
    }
}
