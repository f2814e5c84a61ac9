package scree.app.colour;

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
import scree.app.kit.Kit;
import scree.app.place.Previews;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.sitting.UnreadableState;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.web.NotHere;
import scree.core.harmony.ColourFamily;
import scree.core.harmony.Part;
import scree.core.judge.RoleWish.LipLook;
import scree.core.placement.FacePaint.Eyes;
import scree.core.placement.FacePaint.Lips;
import scree.core.placement.MadeUp;

/** The Colour stage: families as stones, the own face as it would look, and what each part wears. */
@Controller
@RequestMapping("/sittings/{id}/colour")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class ColourController {
    private final Sittings sittings;
    private final Colours colours;
    private final Previews previews;
    private final Kit kit;
    private final ColourContents contents;
    private final Cairns cairns;

    ColourController(
            Sittings sittings, Colours colours, Previews previews, Kit kit, ColourContents contents, Cairns cairns) {
        this.sittings = sittings;
        this.colours = colours;
        this.previews = previews;
        this.kit = kit;
        this.contents = contents;
        this.cairns = cairns;
    }

    /** In one transaction, so that what stages and rooms ask is read once. */
    @GetMapping
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "colour"));
        contents.show(me.studio(), id, model);
        return "colour/page";
    }

    @GetMapping("/made.jpg")
    ResponseEntity<byte[]> made(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "DAYLIGHT") MadeUp.Light light) {
        TakenColour taken = colours.of(me.studio(), id).orElseThrow(() -> new NotHere("colour"));
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.noStore())
                .body(previews.whole(me.studio(), id, taken.plan(), ColourPaint.layers(taken), light));
    }

    // ---- changes: each is a step ----

    @PostMapping("/family")
    String family(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam Part part,
            @RequestParam ColourFamily family,
            Model model) {
        if (!part.inFamilies()) {
            throw new NotHere("part");
        }
        return done(me, id, model, s -> s.family(part, family));
    }

    @PostMapping("/two")
    String two(@CurrentMember Member me, @PathVariable long id, @RequestParam boolean two, Model model) {
        return done(me, id, model, s -> s.twoFamilies(two));
    }

    @PostMapping("/look")
    String look(@CurrentMember Member me, @PathVariable long id, @RequestParam LipLook value, Model model) {
        return done(me, id, model, s -> s.with(value));
    }

    @PostMapping("/lips")
    String lips(@CurrentMember Member me, @PathVariable long id, @RequestParam Lips value, Model model) {
        return done(me, id, model, s -> s.with(value));
    }

    @PostMapping("/eyes")
    String eyes(@CurrentMember Member me, @PathVariable long id, @RequestParam Eyes value, Model model) {
        return done(me, id, model, s -> s.with(value));
    }

    /** Turns the lip a step cooler or warmer. */
    @PostMapping("/turn")
    String turn(@CurrentMember Member me, @PathVariable long id, @RequestParam boolean warmer, Model model) {
        return done(me, id, model, s -> s.turned(warmer ? 1 : -1));
    }

    @PostMapping("/part")
    String part(@CurrentMember Member me, @PathVariable long id, @RequestParam Part part, Model model) {
        return done(me, id, model, s -> s.toggled(part));
    }

    @PostMapping("/product")
    String product(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam Part part,
            @RequestParam(required = false) Long product,
            Model model) {
        if (product != null) {
            kit.get(me.studio(), product);
        }
        return done(me, id, model, s -> s.using(part, product));
    }

    @PostMapping("/undo")
    String undo(@CurrentMember Member me, @PathVariable long id, Model model) {
        sittings.get(me.studio(), id);
        colours.undo(me.studio(), id);
        contents.show(me.studio(), id, model);
        return "colour/page :: work";
    }

    @PostMapping("/redo")
    String redo(@CurrentMember Member me, @PathVariable long id, Model model) {
        sittings.get(me.studio(), id);
        colours.redo(me.studio(), id);
        contents.show(me.studio(), id, model);
        return "colour/page :: work";
    }

    private String done(Member me, long id, Model model, UnaryOperator<ColourSheet> by) {
        sittings.get(me.studio(), id);
        try {
            colours.change(me, id, by);
        } catch (UnreadableState unreadable) {
            // the page says so below, with the way out
        }
        contents.show(me.studio(), id, model);
        return "colour/page :: work";
    }
}
