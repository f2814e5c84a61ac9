package scree.core.light;

import java.util.List;
import scree.core.reason.Reason;

/**
 * What the light is good for, worst reason first.
 *
 * @param reasons with {@link LightCode}; one at least
 */
public record LightVerdict(Grade grade, List<Reason> reasons) {
    public LightVerdict {
        reasons = List.copyOf(reasons);
    }

    /** Three grades. */
    public enum Grade {
        /** Good to decide in. */
        GOOD,
        /** Usable: the card corrects it, or it costs a little. */
        USABLE,
        /** Not to be decided in; whatever is read here stays provisional. */
        UNFIT
    }
}
