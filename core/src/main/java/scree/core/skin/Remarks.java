package scree.core.skin;

import java.util.ArrayList;
import java.util.List;
import scree.core.image.Calibration;
import scree.core.image.CardLayout;
import scree.core.image.CardSighting;
import scree.core.light.LightVerdict;
import scree.core.reason.Reason;
import scree.core.skin.SkinReading.Trust;

/** What is to be said of the card in a picture, and what a reading from it is worth. */
public final class Remarks {
    /** Fields lost beyond which a card no longer supports a reading. Derived: 18 fields read as well as 24, fewer worse. */
    static final int MOST_LOST_FIELDS = 5;

    private Remarks() {}

    /** What may be said. */
    public enum Code {
        /** No card in the picture. */
        NO_CARD,
        /** A card of another layout. */
        OTHER_CARD,
        /** Args: corner marks seen. */
        CARD_PARTLY_HIDDEN,
        GREY_CARD_ONLY,
        /** Args: unusable fields, fields. */
        CARD_FIELDS_LOST,
        /** Fewer than two greys are left: nothing can be told from one. */
        ONE_GREY_LEFT
    }

    /** Returns the remarks on the card. */
    public static List<Reason> on(CardSighting card, Calibration.Quality quality) {
        List<Reason> remarks = new ArrayList<>();
        if (card instanceof CardSighting.Partial partial) {
            remarks.add(Reason.caution(Code.CARD_PARTLY_HIDDEN, partial.marks()));
        } else if (card instanceof CardSighting.Found found) {
            if (found.kind() == CardLayout.Kind.GREY) {
                remarks.add(Reason.check(Code.GREY_CARD_ONLY));
            }
        } else if (card instanceof CardSighting.Other) {
            remarks.add(Reason.caution(Code.OTHER_CARD));
        } else {
            remarks.add(Reason.caution(Code.NO_CARD));
        }
        if (quality.unusable() > 0) {
            remarks.add(Reason.check(Code.CARD_FIELDS_LOST, quality.unusable(), quality.fields()));
        }
        if (oneGrey(card, quality)) {
            remarks.add(Reason.caution(Code.ONE_GREY_LEFT));
        }
        return remarks;
    }

    /** Returns what the reading rests on: without a whole card, or in unfit light, it is provisional. */
    static Trust trust(CardSighting card, Calibration.Quality quality, LightVerdict light) {
        boolean lost = quality.unusable() > MOST_LOST_FIELDS || oneGrey(card, quality);
        if (!(card instanceof CardSighting.Found found) || lost || light.grade() == LightVerdict.Grade.UNFIT) {
            return Trust.PROVISIONAL;
        }
        return found.kind() == CardLayout.Kind.GREY ? Trust.GREY_CARD : Trust.COLOUR_CARD;
    }

    private static boolean oneGrey(CardSighting card, Calibration.Quality quality) {
        return card instanceof CardSighting.Found found
                && found.kind() == CardLayout.Kind.GREY
                && quality.fields() - quality.unusable() < 2;
    }
}
