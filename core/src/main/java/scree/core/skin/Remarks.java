package scree.core.skin;

import java.util.ArrayList;
import java.util.List;
import scree.core.image.Calibration;
import scree.core.image.CardLayout;
import scree.core.image.CardSighting;
import scree.core.reason.Reason;
import scree.core.skin.SkinReading.Trust;

/** What is to be said of the card and the light of a picture, and what a reading from it is worth. */
public final class Remarks {
    /** Side light limits. Derived: simulated rooms in the calibration study, docs/method.md. */
    static final double SIDE_LIGHT_WARN = 0.10;

    static final double SIDE_LIGHT_TOO_MUCH = 0.15;
    /** Fields lost beyond which a card no longer supports a reading. Derived: 18 fields read as well as 24, fewer worse. */
    static final int MOST_LOST_FIELDS = 5;

    private Remarks() {}

    /** What may be said. */
    public enum Code {
        /** No card in the picture. */
        NO_CARD,
        /** Args: corner marks seen. */
        CARD_PARTLY_HIDDEN,
        GREY_CARD_ONLY,
        /** Args: unusable fields, fields. */
        CARD_FIELDS_LOST,
        /** Args: difference of left and right in %. */
        LIGHT_SLANTS,
        /** Args: difference of left and right in %. */
        LIGHT_FROM_ONE_SIDE
    }

    /** Returns the remarks on card and light, card first. */
    public static List<Reason> on(CardSighting card, Calibration.Quality quality, double sideLight) {
        List<Reason> remarks = new ArrayList<>();
        if (card instanceof CardSighting.Partial partial) {
            remarks.add(Reason.caution(Code.CARD_PARTLY_HIDDEN, partial.marks()));
        } else if (card instanceof CardSighting.Found found) {
            if (found.kind() == CardLayout.Kind.GREY) {
                remarks.add(Reason.check(Code.GREY_CARD_ONLY));
            }
        } else {
            remarks.add(Reason.caution(Code.NO_CARD));
        }
        if (quality.unusable() > 0) {
            remarks.add(Reason.check(Code.CARD_FIELDS_LOST, quality.unusable(), quality.fields()));
        }
        int percent = (int) Math.round(100 * Math.expm1(sideLight));
        if (sideLight > SIDE_LIGHT_TOO_MUCH) {
            remarks.add(Reason.caution(Code.LIGHT_FROM_ONE_SIDE, percent));
        } else if (sideLight > SIDE_LIGHT_WARN) {
            remarks.add(Reason.check(Code.LIGHT_SLANTS, percent));
        }
        return remarks;
    }

    /** Returns what the reading rests on: without a whole card, or in light from one side, it is provisional. */
    static Trust trust(CardSighting card, Calibration.Quality quality, double sideLight) {
        boolean lost = quality.unusable() > MOST_LOST_FIELDS;
        if (!(card instanceof CardSighting.Found found) || lost || sideLight > SIDE_LIGHT_TOO_MUCH) {
            return Trust.PROVISIONAL;
        }
        return found.kind() == CardLayout.Kind.GREY ? Trust.GREY_CARD : Trust.COLOUR_CARD;
    }
}
