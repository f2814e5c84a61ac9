package scree.standins.day;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import scree.core.method.Occasion;
import scree.core.placement.Area;
import scree.core.placement.Family;
import scree.core.routine.Needs;
import scree.core.routine.Pace;
import scree.core.routine.WorkZone;
import scree.core.shade.Coverage;
import scree.core.shade.Form;
import scree.core.skin.SkinType;

/** Needs of made-up sittings, wide of what one would meet: any skin, any plan, any finish. */
public final class InventedNeeds {
    private static final List<Area> ALWAYS_POWDERED =
            List.of(Area.UNDER_EYE_POWDER, Area.LID_POWDER, Area.UPPER_LIP_POWDER);
    private static final List<Family> MADE_UP = List.of(Family.SHADOW, Family.SUN, Family.COLOUR);

    private final Random random;

    public InventedNeeds(long seed) {
        random = new Random(seed);
    }

    /** Returns the next sitting's needs. */
    public Needs next() {
        SkinType skin = one(SkinType.values());
        Needs.Correction correction = correction();
        WorkZone heavy = correction.heavy();
        WorkZone soften = !yes(.12) ? null : heavy != null && heavy != WorkZone.NECK ? heavy : WorkZone.JAW;
        return new Needs(
                new Needs.Skin(
                        skin, yes(.2), yes(.06) ? Set.of(one(WorkZone.MOUTH, WorkZone.CHEEK, WorkZone.JAW)) : Set.of()),
                new Needs.Care(
                        true, yes(.4), soften, yes(.6), true, yes(.15), some(.45, List.of(Needs.Primer.values()))),
                correction,
                new Needs.Base(
                        one(Form.LIQUID, Form.CREAM, Form.STICK, Form.DROPS, Form.POWDER),
                        one(Coverage.values()),
                        yes(.25),
                        true),
                areas(skin),
                forms(),
                new Needs.Finish(
                        one(0, 0, 3, 5),
                        one(Needs.Spray.values()),
                        one(Needs.Brows.values()),
                        one(Needs.Lips.values()),
                        new Needs.Eyes(one(Needs.Lid.values()), yes(.4), yes(.4), yes(.5), yes(.8), yes(.25), yes(.5)),
                        yes(.1)),
                new Needs.Event(one(Occasion.values()), 0, yes(.3), null),
                new Needs.Way(
                        one(Needs.Blend.LIGHT_FIRST, Needs.Blend.LIGHT_TO_DARK, Needs.Blend.BOTTOM_UP),
                        yes(.3),
                        new Pace(one(.8, 1.0, 1.0, 1.25, 1.5), Map.of())));
    }

    private Needs.Correction correction() {
        Set<WorkZone> zones = EnumSet.noneOf(WorkZone.class);
        zones.addAll(
                some(.4, List.of(WorkZone.UNDER_EYE, WorkZone.NOSE, WorkZone.MOUTH, WorkZone.CHEEK, WorkZone.LID)));
        boolean heavy = yes(.12);
        return new Needs.Correction(
                zones,
                EnumSet.of(WorkZone.NOSE, WorkZone.CHEEK),
                heavy ? one(WorkZone.CHEEK, WorkZone.JAW, WorkZone.NECK) : null,
                heavy ? one(2, 3) : 0,
                yes(.4) ? Set.of(WorkZone.MOUTH) : Set.of(),
                some(.2, List.of(WorkZone.CHEEK, WorkZone.MOUTH, WorkZone.JAW)));
    }

    private Map<Area, Double> areas(SkinType skin) {
        Map<Area, Double> areas = new EnumMap<>(Area.class);
        for (Area area : Area.values()) {
            if (area.family() != Family.POWDER && yes(.45)) {
                areas.put(area, one(.6, .8, 1.0, 1.2));
            }
        }
        some(.8, ALWAYS_POWDERED).forEach(a -> areas.put(a, 1.0));
        areas.put(
                switch (skin) {
                    case OILY -> Area.ALL_OVER_POWDER;
                    case DRY -> Area.NOSE_SIDE_POWDER;
                    default -> Area.T_POWDER;
                },
                1.0);
        if (skin == SkinType.OILY && yes(.7)) {
            areas.put(Area.CLEAN_LINE_POWDER, 1.0);
        }
        return areas;
    }

    private Map<Family, Needs.Laid> forms() {
        Map<Family, Needs.Laid> forms = new EnumMap<>(Family.class);
        int all = random.nextInt(3);
        for (Family family : MADE_UP) {
            forms.put(family, all == 0 ? Needs.Laid.CREAM : all == 1 ? Needs.Laid.POWDER : one(Needs.Laid.values()));
        }
        forms.put(Family.SHEEN, one(Needs.Laid.CREAM, Needs.Laid.POWDER));
        return forms;
    }

    private boolean yes(double share) {
        return random.nextDouble() < share;
    }

    @SafeVarargs
    private <T> T one(T... of) {
        return of[random.nextInt(of.length)];
    }

    private <T> List<T> some(double share, List<T> of) {
        List<T> some = new ArrayList<>();
        for (T t : of) {
            if (yes(share)) {
                some.add(t);
            }
        }
        return some;
    }
}
