package scree.core.routine;

import static scree.core.routine.Amount.Kind.*;
import static scree.core.routine.StepCode.*;
import static scree.core.routine.WorkZone.*;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import scree.core.reason.Reason;
import scree.core.shade.Coverage;
import scree.core.shade.Form;

/**
 * The steps that needs call for under a school, in the order of the catalogue, which settles ties. Zones of broken skin are taken out of
 * every step, a heavily covered zone out of every other step of colour.
 */
final class StepList {
    /** What a step eased takes of its minutes. House choice. */
    static final double EASED = .6;

    static final Set<WorkZone> FACE = EnumSet.of(FOREHEAD, TEMPLE, LID, UNDER_EYE, NOSE, CHEEK, OUTER, MOUTH, JAW);
    static final Set<WorkZone> BUT_LIDS = EnumSet.of(FOREHEAD, TEMPLE, UNDER_EYE, NOSE, CHEEK, OUTER, MOUTH, JAW);

    final Needs needs;
    final OrderSchool school;
    final Cut cut;
    private final Set<WorkZone> broken;
    private final Set<WorkZone> covered;
    private final Map<StepCode, Step> steps = new java.util.LinkedHashMap<>();
    private final List<Reason> remarks = new ArrayList<>();

    private StepList(Needs needs, OrderSchool school, Cut cut) {
        this.needs = needs;
        this.school = school;
        this.cut = cut;
        this.broken = needs.skin().broken();
        WorkZone heavy = needs.correction().heavy();
        this.covered = heavy == null || broken.contains(heavy) ? Set.of() : Set.of(heavy);
    }

    /** Returns the list, filled. */
    static StepList of(Needs needs, OrderSchool school, Cut cut) {
        StepList list = new StepList(needs, school, cut);
        new CareSteps(list).add();
        new CorrectSteps(list).add();
        new BaseSteps(list).add();
        new ColourSteps(list).add();
        new SettingSteps(list).add();
        new EndSteps(list).add();
        list.look();
        return list;
    }

    /** Returns the steps in the order of the catalogue. */
    List<Step> steps() {
        return List.copyOf(steps.values());
    }

    /** Returns what is to be said about the needs themselves. */
    List<Reason> remarks() {
        return List.copyOf(remarks);
    }

    boolean has(StepCode code) {
        return steps.containsKey(code);
    }

    Optional<Step> find(StepCode code) {
        return Optional.ofNullable(steps.get(code));
    }

    Collection<Step> all() {
        return steps.values();
    }

    boolean school(OrderSchool which) {
        return school == which;
    }

    void remark(Reason reason) {
        remarks.add(reason);
    }

    void replace(Step step) {
        steps.put(step.code(), step);
    }

    /** Begins a step. */
    Adding step(StepCode code, Set<WorkZone> zones) {
        return new Adding(code, zones);
    }

    /** Begins a step off the face. */
    Adding step(StepCode code) {
        return new Adding(code, Set.of());
    }

    /** A step while it is put together. */
    final class Adding {
        private final StepCode code;
        private final Set<WorkZone> zones;
        private Amount amount = Amount.none();
        private double longer;
        private double wait;
        private boolean powder;
        private boolean tied;
        private boolean placed;

        private Adding(StepCode code, Set<WorkZone> zones) {
            this.code = code;
            this.zones = zones;
            this.wait = code.usualWait();
        }

        Adding of(Amount.Kind kind, double count) {
            amount = Amount.of(kind, count);
            return this;
        }

        Adding of(Amount.Kind kind, double count, int other) {
            amount = Amount.of(kind, count, other);
            return this;
        }

        /** Takes so many minutes more, or less. */
        Adding longer(double minutes) {
            longer = minutes;
            return this;
        }

        Adding waiting(double minutes) {
            wait = minutes;
            return this;
        }

        Adding powder(boolean lays) {
            powder = lays;
            return this;
        }

        Adding tied() {
            tied = true;
            return this;
        }

        Adding placed(boolean toBeBlended) {
            placed = toBeBlended;
            return this;
        }

        /** Adds it, unless it is cut or no zone is left of it; returns it then. */
        Optional<Step> add() {
            if (cut.drops(code)) {
                return Optional.empty();
            }
            Set<WorkZone> left = EnumSet.noneOf(WorkZone.class);
            left.addAll(zones);
            left.removeAll(broken);
            if (code.layer().colours()) {
                left.removeAll(covered);
            }
            if (!zones.isEmpty() && left.isEmpty()) {
                remark(
                        zones.stream().anyMatch(broken::contains)
                                ? Reason.caution(OrderCode.BROKEN_SKIN, code)
                                : Reason.check(OrderCode.ROUND_THE_COVER, code));
                return Optional.empty();
            }
            double minutes = code.usual() + longer;
            minutes = cut.eases(code) ? Math.rint(minutes * EASED * 2) / 2 : minutes;
            minutes = Math.max(code.least(), minutes) * needs.way().pace().of(code);
            Step step = new Step(
                    code, left, amount, halves(minutes), halves(code.least()), halves(wait), powder, tied, 0, placed);
            steps.put(code, step);
            return Optional.of(step);
        }
    }

    /** Returns half minutes. */
    static int halves(double minutes) {
        return (int) Math.rint(2 * minutes);
    }

    /** Returns a share of a count, at least one. */
    static int share(int count, double of) {
        return Math.max(1, (int) Math.floor(count * of + .5));
    }

    /** Colour of a base is judged for good when it has dried down; and what the needs themselves ask to be said. */
    private void look() {
        boolean shadowed = steps.values().stream().anyMatch(s -> s.layer() == WorkLayer.SHADOW && !s.powder());
        Needs.Base base = needs.base();
        if (school == OrderSchool.BASE_FIRST && base != null && base.coverage() == Coverage.SHEER && shadowed) {
            remark(Reason.check(OrderCode.HEAVY_ON_SHEER));
        }
        boolean held = steps.values().stream()
                .anyMatch(s -> s.layer() == WorkLayer.SPRAY || s.layer() == WorkLayer.POWDER && s.code() != PO_LID);
        boolean creams = steps.values().stream().anyMatch(s -> s.layer().colours() && !s.powder());
        if (!held && creams) {
            remark(Reason.check(OrderCode.CREAMS_UNSET));
        }
        Form form = base == null ? Form.LIQUID : base.form();
        int lag = cut.eases(Cut.Ease.DRY_DOWN) ? 0 : halves(form.dryDownMinutes());
        for (StepCode code : List.of(BASE, BASE_SEAMS, MAIN)) {
            find(code).ifPresent(s -> replace(s.judged(lag)));
        }
    }

    /** Returns the zones of all steps of a layer or a name that begins so. */
    Set<WorkZone> zonesOf(java.util.function.Predicate<Step> which) {
        Set<WorkZone> all = EnumSet.noneOf(WorkZone.class);
        steps.values().stream().filter(which).forEach(s -> all.addAll(s.zones()));
        return all;
    }
}
