package scree.app.correct;

import java.util.List;
import java.util.Set;
import scree.core.colour.Lab;
import scree.core.cover.CoverPlan;
import scree.core.cover.Layer;
import scree.core.cover.Mark;
import scree.core.cover.Marks;
import scree.core.cover.Place;
import scree.core.cover.Seen;
import scree.core.cover.Treatment;
import scree.core.cover.Ware;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.UsualCoat;
import scree.core.skin.FreeSpot;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.Texture;
import scree.core.skin.Zone;

/** Marks on medium skin and what a small kit does about them, for views that are tested without a database. */
final class Corrected {
    static final Lab SKIN = ReferenceCurve.at(60);
    static final Ware<Pot> BASE = ware(1, "Marl Base", Role.BASE, SKIN);
    static final Ware<Pot> SAND = ware(2, "Marl Sand", Role.CONCEALER, SKIN);
    static final Ware<Pot> DUNE = ware(3, "Marl Dune", Role.CONCEALER, ReferenceCurve.at(66));
    static final Ware<Pot> LOAM = ware(4, "Marl Loam", Role.CONCEALER, ReferenceCurve.at(46));
    static final Ware<Pot> PEACH = ware(5, "Marl Peach", Role.CORRECTOR, Lab.of(74, 22, 28));
    static final Ware<Pot> MOSS = ware(6, "Marl Moss", Role.CORRECTOR, Lab.of(76, -14, 14));
    static final Ware<Pot> GLINT = ware(7, "Marl Glint", Role.BRIGHTENER, ReferenceCurve.at(68));
    static final Ware<Pot> VEIL = powder(8, "Marl Veil", ReferenceCurve.at(64));
    static final List<Ware<Pot>> KIT = List.of(BASE, SAND, DUNE, LOAM, PEACH, MOSS, GLINT);

    private Corrected() {}

    static Ware<Pot> ware(long id, String name, Role role, Lab colour) {
        Pot pot = new Pot(id, name, "stone" + id, colour, false);
        return new Ware<>(pot, name, role, Form.CREAM, UsualCoat.of(Form.CREAM, colour, .85));
    }

    private static Ware<Pot> powder(long id, String name, Lab colour) {
        Pot pot = new Pot(id, name, "stone" + id, colour, false);
        return new Ware<>(pot, name, Role.POWDER, Form.POWDER, UsualCoat.of(Form.POWDER, colour, .12));
    }

    static Mark purple(Texture... feel) {
        return mark(Seen.PURPLE, Zone.UNDER_EYE, Lab.of(50, 12, 6), feel);
    }

    static Mark red(Texture... feel) {
        return mark(Seen.REDNESS, Zone.CHEEK, Lab.of(53, 20, 16), feel);
    }

    private static Mark mark(Seen seen, Zone zone, Lab colour, Texture... feel) {
        return new Mark(seen, zone, null, colour, SKIN, Marks.area(zone), List.of(feel));
    }

    /** Returns a tattoo on the shoulder, where no base is worn. */
    static Mark tattoo() {
        FreeSpot spot = new FreeSpot(1, FreeSpot.Kind.TATTOO, 1.2, 3.2, .2);
        return new Mark(Seen.TATTOO, null, spot, Lab.of(34, 2, 2), SKIN, 5, List.of());
    }

    static Place<Pot> place(Mark mark) {
        return Treatment.place(mark, BASE, Treatment.baseCoats(mark));
    }

    static Treatment<Pot> answer(Mark mark) {
        return Treatment.of(mark, place(mark), KIT);
    }

    static TakenCorrections.Treated computed(Mark mark) {
        Treatment<Pot> answer = answer(mark);
        return new TakenCorrections.Treated(mark, answer, answer.plan(), false, false, List.of(), false, null);
    }

    static TakenCorrections.Treated byTable(Mark mark) {
        Treatment<Pot> answer = answer(mark);
        return new TakenCorrections.Treated(
                mark, answer, answer.table().plan().orElseThrow(), false, true, List.of(), false, null);
    }

    static TakenCorrections.Treated byHand(Mark mark, List<Layer<Pot>> under, List<Layer<Pot>> over) {
        CoverPlan<Pot> plan = CoverPlan.of(place(mark), under, over);
        return new TakenCorrections.Treated(mark, answer(mark), plan, true, false, List.of(), false, null);
    }

    static TakenCorrections.Treated left(Mark mark) {
        TakenCorrections.Treated t = computed(mark);
        return new TakenCorrections.Treated(mark, t.answer(), t.plan(), false, false, List.of(), true, null);
    }

    static TakenCorrections.Treated noted(Mark mark, String note) {
        TakenCorrections.Treated t = computed(mark);
        return new TakenCorrections.Treated(mark, t.answer(), t.plan(), false, false, List.of(), false, note);
    }

    static TakenCorrections taken(TakenCorrections.Treated... marks) {
        CorrectSheet sheet = new CorrectSheet(null, null, Set.of(), null, null);
        return new TakenCorrections(sheet, 0, false, false, null, BASE, true, false, List.of(marks), List.of(), KIT);
    }
}
