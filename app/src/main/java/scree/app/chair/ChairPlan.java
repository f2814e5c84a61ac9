package scree.app.chair;

import java.util.List;
import java.util.Map;
import scree.app.look.PictureFrame;
import scree.core.colour.Lab;
import scree.core.placement.Stop;
import scree.core.routine.Course;
import scree.core.routine.Needs;
import scree.core.routine.OrderCode;
import scree.core.routine.OrderSchool;
import scree.core.routine.StepCode;
import scree.core.shade.Role;

/**
 * What is followed at a chair, as it was when the work began or a newer plan was taken: products and placement as they were then.
 *
 * @param wares what each step is done with
 * @param shapes where each step works, in pixels of the picture
 * @param lines the client's face as a drawing, where there is no picture
 * @param remarks of the order that are more than a note
 */
record ChairPlan(
        Needs needs,
        OrderSchool school,
        Course course,
        Map<StepCode, List<Ware>> wares,
        Map<StepCode, List<Shape>> shapes,
        PictureFrame frame,
        List<Line> lines,
        List<Remark> remarks) {
    /**
     * A product or a mix.
     *
     * @param id of the kit, null for a mix
     * @param role null for a mix
     * @param stone the key that its stone keeps in every view
     */
    record Ware(Long id, Role role, String name, String stone, Lab colour) {}

    /**
     * A place on the face; points are x and y by turns.
     *
     * @param exact whether it is an outline to work by, and not only where to look
     * @param ways each from where the hand begins to where it ends, none where it only presses
     * @param stops lines not to be passed
     * @param limits what these lines are
     */
    record Shape(
            List<Double> edge,
            boolean exact,
            String family,
            List<List<Double>> ways,
            List<List<Double>> stops,
            List<Stop.Kind> limits) {
        Shape {
            edge = List.copyOf(edge);
            ways = List.copyOf(ways);
            stops = List.copyOf(stops);
            limits = List.copyOf(limits);
        }
    }

    /** What the order has to say of itself, about steps or none. */
    record Remark(OrderCode code, List<StepCode> about) {}

    /** A line of the drawing. */
    record Line(List<Double> points, double width, boolean soft, boolean filled) {}

    ChairPlan {
        wares = Map.copyOf(wares);
        shapes = Map.copyOf(shapes);
        lines = List.copyOf(lines);
        remarks = List.copyOf(remarks);
    }

    /** Returns whether a picture of the client lies under it. */
    boolean pictured() {
        return lines.isEmpty();
    }

    List<Ware> wares(StepCode step) {
        return wares.getOrDefault(step, List.of());
    }

    /** Returns what could be used for a step: products of the roles that it is done with, or of its usual one. */
    List<Role> roles(StepCode step) {
        List<Role> told = wares(step).stream()
                .map(Ware::role)
                .filter(java.util.Objects::nonNull)
                .distinct()
                .toList();
        return told.isEmpty() ? step.layer().usualRole().stream().toList() : told;
    }

    List<Shape> shapes(StepCode step) {
        return shapes.getOrDefault(step, List.of());
    }

    /** Returns a newer plan with what is behind kept as it was done. */
    ChairPlan followedBy(ChairPlan newer, List<StepCode> behind, int at) {
        Map<StepCode, List<Ware>> with = new java.util.EnumMap<>(StepCode.class);
        with.putAll(newer.wares);
        Map<StepCode, List<Shape>> where = new java.util.EnumMap<>(StepCode.class);
        where.putAll(newer.shapes);
        behind.forEach(code -> {
            with.put(code, wares(code));
            where.put(code, shapes(code));
        });
        return new ChairPlan(
                newer.needs,
                newer.school,
                course.followedBy(newer.course, behind, at),
                with,
                where,
                newer.frame,
                newer.lines,
                newer.remarks);
    }

    /** Returns what differs between what is left to do here and in another plan. */
    Difference difference(ChairPlan other, List<StepCode> behind) {
        List<StepCode> mine = left(behind);
        List<StepCode> theirs = other.left(behind);
        List<StepCode> added = theirs.stream().filter(c -> !mine.contains(c)).toList();
        List<StepCode> gone = mine.stream().filter(c -> !theirs.contains(c)).toList();
        List<StepCode> both = mine.stream().filter(theirs::contains).toList();
        List<StepCode> changed = both.stream()
                .filter(c -> !wares(c).equals(other.wares(c))
                        || !shapes(c).equals(other.shapes(c))
                        || !course.find(c)
                                .orElseThrow()
                                .step()
                                .equals(other.course.find(c).orElseThrow().step()))
                .toList();
        boolean moved = !both.equals(theirs.stream().filter(mine::contains).toList());
        return new Difference(added, gone, changed, moved);
    }

    private List<StepCode> left(List<StepCode> behind) {
        return course.codes().stream().filter(c -> !behind.contains(c)).toList();
    }

    /**
     * What a newer plan has otherwise, of what is left to do.
     *
     * @param moved whether what both have comes in another order
     */
    record Difference(List<StepCode> added, List<StepCode> gone, List<StepCode> changed, boolean moved) {
        boolean none() {
            return added.isEmpty() && gone.isEmpty() && changed.isEmpty() && !moved;
        }
    }
}
