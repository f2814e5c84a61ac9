package scree.app.sitting;

import java.util.List;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import scree.app.web.Words;
import scree.core.care.Care;
import scree.core.reason.Reason;
import scree.core.reason.Severity;

/** Words for what there is to be careful about, the same on every page. */
@Component
public class CareWords extends Words {
    public CareWords(MessageSource messages) {
        super(messages);
    }

    /** Returns everything to say before the skin is touched, the gravest first. */
    public List<String> all(Sitting sitting) {
        return Care.before(sitting.care()).stream().map(r -> say("care.", r)).toList();
    }

    /** Returns in few words what must not be overlooked: all but the usual hygiene, and a missing patch test only when {@code asked}. */
    public List<String> grave(Sitting sitting, boolean asked) {
        return Care.before(sitting.care()).stream()
                .filter(r -> r.severity() == Severity.CAUTION || asked && r.code() == Care.Code.NO_PATCH_TEST)
                .map(r -> say("care.short.", r))
                .toList();
    }

    private String say(String kind, Reason reason) {
        return say(kind + reason.code().name(), reason.args().toArray());
    }
}
