package scree.app.order;

import java.util.function.UnaryOperator;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.sitting.UnreadableState;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.core.routine.CutAction;
import scree.core.routine.StepCode;

/** The Order stage: the work as a course of stones, what a hand moved, and what is left out when time is short. */
@Controller
@RequestMapping("/sittings/{id}/order")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class OrderController {
    private final Sittings sittings;
    private final Orders orders;
    private final OrderContents contents;
    private final Cairns cairns;
    private final OrderWords words;

    OrderController(Sittings sittings, Orders orders, OrderContents contents, Cairns cairns, OrderWords words) {
        this.sittings = sittings;
        this.orders = orders;
        this.contents = contents;
        this.cairns = cairns;
        this.words = words;
    }

    /** In one transaction, so that what stages and rooms ask is read once. */
    @GetMapping
    @Transactional(readOnly = true)
    String page(
            @CurrentMember Member me, @PathVariable long id, @RequestParam(required = false) StepCode at, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "order"));
        contents.show(me.studio(), id, at, model);
        return "order/page";
    }

    @GetMapping(headers = "HX-Request")
    @Transactional(readOnly = true)
    String look(
            @CurrentMember Member me, @PathVariable long id, @RequestParam(required = false) StepCode at, Model model) {
        contents.show(me.studio(), id, at, model);
        return "order/page :: work";
    }

    /** How the artist works: one of it is told at a time. */
    @PostMapping("/way")
    String way(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(required = false) StepCode at,
            OrderSheet.Way way,
            Model model) {
        return changed(me, id, at, model, s -> s.with(way));
    }

    /** Asks for the whole in so many minutes; empty takes the limit away. */
    @PostMapping("/minutes")
    String minutes(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(required = false) StepCode at,
            @RequestParam(defaultValue = "") String minutes,
            Model model) {
        String typed = minutes.strip();
        try {
            Integer time = typed.isEmpty() ? null : Integer.valueOf(typed);
            return changed(me, id, at, model, s -> s.within(time));
        } catch (IllegalArgumentException refused) {
            model.addAttribute(
                    "refused", words.say("order.minutes.refused", OrderSheet.LEAST_MINUTES, OrderSheet.MOST_MINUTES));
            model.addAttribute("typed", minutes);
            return shown(me, id, at, model);
        }
    }

    @PostMapping("/keep")
    String keep(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(required = false) StepCode at,
            @RequestParam CutAction action,
            Model model) {
        return changed(me, id, at, model, s -> s.keeping(action));
    }

    /** Puts a step elsewhere in the order. */
    @PostMapping("/move")
    String move(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam StepCode step,
            @RequestParam int to,
            Model model) {
        return done(me, id, step, model, () -> orders.move(me, id, step, to));
    }

    /** Moves a step by one place. */
    @PostMapping("/shift")
    String shift(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam StepCode step,
            @RequestParam boolean later,
            Model model) {
        return done(me, id, step, model, () -> orders.shift(me, id, step, later));
    }

    /** Mends one rule that the order goes against. */
    @PostMapping("/mend")
    String mend(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam StepCode first,
            @RequestParam StepCode then,
            Model model) {
        return done(me, id, first, model, () -> orders.mend(me, id, first, then));
    }

    /** Leaves the order to Scree again. */
    @PostMapping("/anew")
    String anew(
            @CurrentMember Member me, @PathVariable long id, @RequestParam(required = false) StepCode at, Model model) {
        return changed(me, id, at, model, s -> s.byHand(null, null));
    }

    @PostMapping("/undo")
    String undo(
            @CurrentMember Member me, @PathVariable long id, @RequestParam(required = false) StepCode at, Model model) {
        return done(me, id, at, model, () -> orders.undo(me.studio(), id));
    }

    @PostMapping("/redo")
    String redo(
            @CurrentMember Member me, @PathVariable long id, @RequestParam(required = false) StepCode at, Model model) {
        return done(me, id, at, model, () -> orders.redo(me.studio(), id));
    }

    private String changed(Member me, long id, StepCode at, Model model, UnaryOperator<OrderSheet> by) {
        return done(me, id, at, model, () -> orders.change(me, id, by));
    }

    private String done(Member me, long id, StepCode at, Model model, Runnable change) {
        sittings.get(me.studio(), id);
        try {
            change.run();
        } catch (UnreadableState unreadable) {
            // the page says so below, with the way out
        }
        return shown(me, id, at, model);
    }

    private String shown(Member me, long id, StepCode at, Model model) {
        contents.show(me.studio(), id, at, model);
        return "order/page :: work";
    }
}
