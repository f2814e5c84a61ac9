package scree.app.sheet;

import java.util.Optional;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import scree.app.look.Figures;
import scree.app.web.Words;
import scree.core.shade.Coverage;
import scree.core.swatch.FieldRead;
import scree.core.swatch.SheetReading;
import scree.core.swatch.Swatched;

/** What a swatch sheet says, in words. */
@Component
public class SheetWords extends Words {
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
        return words + shade + (read.dim() ? " " + say("sheet.verdict.dim") : "");
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
                            SheetReading.warm(p.kelvin()) ? "sheet.promise.warm" : "sheet.promise.daylight",
                            String.valueOf(kelvin));
                })
                .orElse(null);
    }
}
