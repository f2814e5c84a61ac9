package scree.app.sheet;

import java.util.Optional;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import scree.app.look.Figures;
import scree.app.web.Words;
import scree.core.shade.Coverage;
import scree.core.swatch.FieldRead;
import scree.core.swatch.Swatched;

/** What a swatch sheet says, in words. */
@Component
public class SheetWords extends Words {
    /** Light of a field under which it is said. The reading bears it. */
    private static final int DIM_PERCENT = 60;

    private static final int WARM_KELVIN = 4000;

    public SheetWords(MessageSource messages) {
        super(messages);
    }

    /** Returns what came of a field, with the way out where nothing did. */
    String verdict(FieldRead read) {
        String words = say("sheet.verdict." + read.verdict());
        if (!read.verdict().good()) {
            return words;
        }
        String shade = read.uneven() ? " " + say("sheet.verdict.uneven") : "";
        boolean dim = Math.round(100 * read.light()) < DIM_PERCENT;
        return words + shade + (dim ? " " + say("sheet.verdict.dim") : "");
    }

    /** Returns how much a coat hides. */
    String cover(double contrast) {
        return say("sheet.cover", say("coverage." + Coverage.of(contrast)), Math.round(100 * contrast));
    }

    String doubt(double doubt) {
        return say("sheet.doubt", Figures.one(doubt));
    }

    String drying(Swatched s) {
        return switch (s.dryDown()) {
            case SEEN ->
                say(
                        s.settled().lightness() < s.wet().lightness() ? "sheet.dries.deeper" : "sheet.dries.lighter",
                        Figures.one(s.wet().differenceFrom(s.settled())));
            case NONE_SEEN -> say("sheet.dries.not");
            case USUAL -> say("sheet.dries.usual");
            case SETTLED_ONLY -> say("sheet.dries.settledOnly");
        };
    }

    /** Returns what the pictures were taken in, and what may be promised of it. */
    String promise(Optional<SheetPicture> newest) {
        return newest.map(p -> {
                    if (!p.colourCard()) {
                        return say("sheet.promise.grey");
                    }
                    long kelvin = Math.round(p.kelvin() / 100) * 100;
                    return say(
                            kelvin < WARM_KELVIN ? "sheet.promise.warm" : "sheet.promise.daylight",
                            String.valueOf(kelvin));
                })
                .orElse(null);
    }
}
