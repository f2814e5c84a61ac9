package scree.app.judge;

import java.util.Optional;
import org.springframework.stereotype.Service;
import scree.app.base.BaseChoice;
import scree.app.base.Bases;
import scree.app.base.Worn;
import scree.app.face.Faces;
import scree.app.sitting.Intake;
import scree.app.sitting.Sitting;
import scree.app.skin.Readings;
import scree.app.skin.TakenReading;
import scree.app.studio.StudioId;
import scree.core.colour.Lab;
import scree.core.face.Tick;
import scree.core.judge.LaidProduct;
import scree.core.judge.RoleSkin;
import scree.core.judge.RoleWish;
import scree.core.shade.Traits;
import scree.core.skin.MatchTarget;
import scree.core.skin.SkinReading;
import scree.core.skin.Zone;

/** What the skin of a sitting is to a judge of colour: as read, with its base on, beside hair, brows and eyes. */
@Service
public class SittingSkins {
    /** While nothing was read. */
    private static final Lab SUPPOSED = Lab.of(60, 11, 18);

    private static final Zone[] SKIN_FROM = {Zone.CHEEK, Zone.OUTER_CHEEK, Zone.JAW, Zone.FOREHEAD, Zone.NECK};

    private final Readings readings;
    private final Bases bases;
    private final Faces faces;

    SittingSkins(Readings readings, Bases bases, Faces faces) {
        this.readings = readings;
        this.bases = bases;
        this.faces = faces;
    }

    /** What a colour rests on. */
    public enum Read {
        READ,
        /** Read without a whole card or in unfit light. */
        PROVISIONAL,
        /** Not read: a medium one is supposed. */
        SUPPOSED
    }

    /**
     * A skin to be made up.
     *
     * @param skin what products are judged on
     * @param wish occasion, flash, redness; its strength means nothing
     * @param read what the colour rests on
     * @param base what lies on the skin, or null
     * @param marksKept whether freckles and moles are to show through it
     */
    public record Known(RoleSkin skin, RoleWish wish, Read read, LaidProduct base, boolean marksKept) {
        /** Returns the same with the own shadow as a picture showed it. */
        public Known ownShadow(RoleWish.Tint tint) {
            return new Known(skin, wish.tinted(tint), read, base, marksKept);
        }

        /** Returns the same with shadows no warmer than so many degrees. */
        public Known noWarmerShadow(double degrees) {
            return new Known(skin, wish.noWarmer(degrees), read, base, marksKept);
        }

        /** Returns the same with shadows found so many steps deeper. */
        public Known shadowBySteps() {
            return new Known(skin, wish.bySteps(), read, base, marksKept);
        }
    }

    /** Gathers what is known. */
    public Known of(StudioId studio, Sitting sitting) {
        Optional<TakenReading> reading = readings.of(studio, sitting.id());
        Optional<Lab> read = reading.flatMap(r -> evened(r.skin()));
        Lab bare = read.orElse(SUPPOSED);
        Optional<Worn.Shade> base =
                bases.choice(studio, sitting.id()).map(BaseChoice::worn).map(Worn::shade);
        Lab ground = base.map(b -> b.coat().over(bare)).orElse(bare);
        Intake told = sitting.intake();
        boolean red = faces.of(studio, sitting.id())
                .map(f -> f.sheet().ticks().contains(Tick.CHEEK_REDNESS))
                .orElse(false);
        RoleWish wish = RoleWish.of(1);
        wish = told.evening() ? wish.inTheEvening() : wish;
        wish = sitting.flashed() ? wish.inFlash() : wish;
        wish = red ? wish.overRedness() : wish;
        return new Known(
                new RoleSkin(bare, ground, told.own().depths(), false),
                wish,
                read.isEmpty()
                        ? Read.SUPPOSED
                        : reading.get().skin().trust() == SkinReading.Trust.PROVISIONAL ? Read.PROVISIONAL : Read.READ,
                base.map(b -> LaidProduct.of(
                                b.form(), b.onSkin(), b.contrastRatio(), Traits.UNTOLD.worn(b.wornShare())))
                        .orElse(null),
                told.marksKept());
    }

    /** What products lie on: the evened skin of jaw and neck, since a red cheek is under its base by then. */
    private static Optional<Lab> evened(SkinReading reading) {
        Optional<Lab> evened =
                MatchTarget.from(reading, MatchTarget.School.JAW_TO_NECK).map(MatchTarget::colour);
        if (evened.isPresent()) {
            return evened;
        }
        for (Zone zone : SKIN_FROM) {
            Optional<Lab> colour = reading.tellingColourOf(zone);
            if (colour.isPresent()) {
                return colour;
            }
        }
        return Optional.empty();
    }
}
