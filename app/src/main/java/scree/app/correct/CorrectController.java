package scree.app.correct;

import java.util.function.UnaryOperator;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.correct.CorrectSheet.Dab;
import scree.app.correct.CorrectSheet.Hand;
import scree.app.correct.CorrectSheet.Shown;
import scree.app.kit.Kit;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.sitting.UnreadableState;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.web.NotHere;
import scree.core.method.CoverSchool;

/** The Correct stage: the face with its marks, largest first, and for the open one the plan with its strata. */
@Controller
@RequestMapping("/sittings/{id}/correct")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class CorrectController {
    private final Sittings sittings;
    private final Corrections corrections;
    private final CorrectedPictures corrected;
    private final Kit kit;
    private final CorrectContents contents;
    private final Cairns cairns;
    private final CorrectWords words;

    CorrectController(
            Sittings sittings,
            Corrections corrections,
            CorrectedPictures corrected,
            Kit kit,
            CorrectContents contents,
            Cairns cairns,
            CorrectWords words) {
        this.sittings = sittings;
        this.corrections = corrections;
        this.corrected = corrected;
        this.kit = kit;
        this.contents = contents;
        this.cairns = cairns;
        this.words = words;
    }

    /** What the page looks at: which mark is open, and what its plan stands beside. */
    record Looking(String mark, MarkView.Beside beside) {}

    @GetMapping
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Looking at, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "correct"));
        contents.show(me.studio(), id, at, model);
        return "correct/page";
    }

    @GetMapping(headers = "HX-Request")
    @Transactional(readOnly = true)
    String look(@CurrentMember Member me, @PathVariable long id, Looking at, Model model) {
        sittings.get(me.studio(), id);
        return shown(me, id, at, model);
    }

    @GetMapping("/made.jpg")
    ResponseEntity<byte[]> made(@CurrentMember Member me, @PathVariable long id) {
        Sitting sitting = sittings.get(me.studio(), id);
        byte[] jpeg = corrections
                .of(me.studio(), id)
                .flatMap(t -> corrected.of(me.studio(), sitting, t))
                .orElseThrow(() -> new NotHere("correct"));
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.noStore())
                .body(jpeg);
    }

    // ---- changes: each is a step ----

    @PostMapping("/school")
    String school(
            @CurrentMember Member me,
            @PathVariable long id,
            Looking at,
            @RequestParam CoverSchool school,
            Model model) {
        return done(me, id, at, model, () -> corrections.change(me, id, s -> s.with(school)));
    }

    @PostMapping("/leave")
    String leave(@CurrentMember Member me, @PathVariable long id, Looking at, Model model) {
        mark(me, id, at);
        return done(me, id, at, model, () -> corrections.change(me, id, s -> s.leaving(at.mark())));
    }

    /** Says that a spot's skin is broken, or that it is not. */
    @PostMapping("/broken")
    String broken(@CurrentMember Member me, @PathVariable long id, Looking at, @RequestParam int spot, Model model) {
        TakenCorrections taken = corrections.of(me.studio(), id).orElseThrow(() -> new NotHere("correct"));
        if (taken.reading().face().spots().stream().noneMatch(s -> s.id() == spot)) {
            throw new NotHere("mark");
        }
        return done(me, id, at, model, () -> corrections.callBroken(me, id, spot));
    }

    /** Keeps the artist's own word on broken skin; only with it may anything be planned there, by hand. */
    @PostMapping("/note")
    String note(
            @CurrentMember Member me,
            @PathVariable long id,
            Looking at,
            @RequestParam(defaultValue = "") String note,
            Model model) {
        mark(me, id, at);
        if (note.strip().length() > CorrectSheet.MOST_NOTE) {
            model.addAttribute(
                    "refused", words.say("correct.note.long", note.strip().length(), CorrectSheet.MOST_NOTE));
            model.addAttribute("typed", note);
            return shown(me, id, at, model);
        }
        return done(me, id, at, model, () -> corrections.change(me, id, s -> s.noting(at.mark(), note)));
    }

    /** What is done to a layer's amount. */
    enum Lay {
        MORE,
        LESS,
        OFF
    }

    /** Lays more or less of a layer, or takes it off. */
    @PostMapping("/amount")
    String amount(
            @CurrentMember Member me,
            @PathVariable long id,
            Looking at,
            Shown layer,
            @RequestParam Lay lay,
            Model model) {
        return edit(
                me,
                id,
                at,
                model,
                h -> h.changed(layer, dab -> switch (lay) {
                    case MORE -> dab.more();
                    case LESS -> dab.less();
                    case OFF -> null;
                }));
    }

    /** Puts another product in a layer's place, or adds one when there is no such layer yet. */
    @PostMapping("/product")
    String product(
            @CurrentMember Member me,
            @PathVariable long id,
            Looking at,
            @RequestParam boolean under,
            @RequestParam(required = false) Integer layer,
            @RequestParam(defaultValue = "0") long of,
            @RequestParam long product,
            Model model) {
        String name = kit.get(me.studio(), product).fullName();
        return edit(me, id, at, model, h -> {
            return layer == null
                    ? h.with(under, -1, new Dab(product, name, 2))
                    : h.changed(new Shown(under, layer, of), dab -> new Dab(product, name, dab.quarters()));
        });
    }

    @PostMapping("/lower")
    String lower(@CurrentMember Member me, @PathVariable long id, Looking at, Shown layer, Model model) {
        return edit(me, id, at, model, h -> h.lower(layer));
    }

    /** Leaves the plan to Scree again. */
    @PostMapping("/anew")
    String anew(@CurrentMember Member me, @PathVariable long id, Looking at, Model model) {
        mark(me, id, at);
        return done(me, id, at, model, () -> corrections.change(me, id, s -> s.by(at.mark(), null)));
    }

    @PostMapping("/undo")
    String undo(@CurrentMember Member me, @PathVariable long id, Looking at, Model model) {
        return done(me, id, at, model, () -> corrections.undo(me.studio(), id));
    }

    @PostMapping("/redo")
    String redo(@CurrentMember Member me, @PathVariable long id, Looking at, Model model) {
        return done(me, id, at, model, () -> corrections.redo(me.studio(), id));
    }

    private void mark(Member me, long id, Looking at) {
        corrections
                .of(me.studio(), id)
                .flatMap(t -> t.mark(at.mark() == null ? "" : at.mark()))
                .orElseThrow(() -> new NotHere("mark"));
    }

    private String edit(Member me, long id, Looking at, Model model, UnaryOperator<Hand> by) {
        return done(me, id, at, model, () -> corrections.edit(me, id, at.mark(), by));
    }

    private String done(Member me, long id, Looking at, Model model, Runnable change) {
        sittings.get(me.studio(), id);
        try {
            change.run();
        } catch (UnreadableState unreadable) {
            // the page says so below, with the way out
        }
        return shown(me, id, at, model);
    }

    private String shown(Member me, long id, Looking at, Model model) {
        contents.show(me.studio(), id, at, model);
        return "correct/page :: work";
    }
}
