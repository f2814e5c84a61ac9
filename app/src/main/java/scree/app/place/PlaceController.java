package scree.app.place;

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
import scree.app.sitting.Cairns;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.sitting.UnreadableState;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.web.NotHere;
import scree.core.face.Side;
import scree.core.method.PlacementMethod;
import scree.core.placement.Area;
import scree.core.placement.Family;
import scree.core.placement.Fault;
import scree.core.placement.MadeUp;

/** The Place stage: the plan on the client's face, why each zone lies there, and what the artist makes of it. */
@Controller
@RequestMapping("/sittings/{id}/place")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class PlaceController {
    private final Sittings sittings;
    private final Placements placements;
    private final Previews previews;
    private final PlaceContents contents;
    private final Cairns cairns;
    private final PlaceWords words;

    PlaceController(
            Sittings sittings,
            Placements placements,
            Previews previews,
            PlaceContents contents,
            Cairns cairns,
            PlaceWords words) {
        this.sittings = sittings;
        this.placements = placements;
        this.previews = previews;
        this.contents = contents;
        this.cairns = cairns;
        this.words = words;
    }

    /** In one transaction, so that what stages and rooms ask is read once. */
    @GetMapping
    @Transactional(readOnly = true)
    String page(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String zone,
            Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "place"));
        contents.show(me.studio(), sitting, zone, model);
        return "place/page";
    }

    /** Shows another zone's why. */
    @GetMapping(headers = "HX-Request")
    @Transactional(readOnly = true)
    String zone(@CurrentMember Member me, @PathVariable long id, @RequestParam String zone, Model model) {
        contents.show(me.studio(), sittings.get(me.studio(), id), zone, model);
        return "place/page :: work";
    }

    // ---- pictures ----

    @GetMapping("/made.jpg")
    ResponseEntity<byte[]> made(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "DAYLIGHT") MadeUp.Light light) {
        return jpeg(previews.whole(me.studio(), id, plan(me, id), light));
    }

    @GetMapping("/patch.jpg")
    ResponseEntity<byte[]> patch(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam Area area,
            @RequestParam Side side,
            @RequestParam boolean made) {
        TakenPlan plan = plan(me, id);
        WorkedZone zone = plan.zone(area, side).orElseThrow(() -> new NotHere("zone"));
        return jpeg(previews.patch(me.studio(), id, plan, zone, made));
    }

    private TakenPlan plan(Member me, long id) {
        return placements.of(me.studio(), id).orElseThrow(() -> new NotHere("plan"));
    }

    private static ResponseEntity<byte[]> jpeg(byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.noStore())
                .body(bytes);
    }

    // ---- changes ----

    @PostMapping("/school")
    String school(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam String field,
            @RequestParam String value,
            @RequestParam(defaultValue = "") String zone,
            Model model) {
        return done(me, id, zone, model, () -> placements.method(me, id, m -> change(m, field, value)));
    }

    private static PlacementMethod change(PlacementMethod m, String field, String value) {
        try {
            return Schools.change(m, field, value);
        } catch (IllegalArgumentException e) {
            throw new NotHere("school");
        }
    }

    @PostMapping("/family")
    String family(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam Family family,
            @RequestParam(defaultValue = "") String zone,
            Model model) {
        return done(me, id, zone, model, () -> placements.family(me, id, family));
    }

    @PostMapping("/strength")
    String strength(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam Area area,
            @RequestParam Side side,
            @RequestParam int strength,
            Model model) {
        return done(me, id, area + "." + side, model, () -> placements.strength(me, id, area, side, strength / 100.0));
    }

    @PostMapping("/out")
    String out(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam Area area,
            @RequestParam Side side,
            @RequestParam(defaultValue = "true") boolean out,
            Model model) {
        return done(me, id, area + "." + side, model, () -> placements.leaveOut(me, id, area, side, out));
    }

    @PostMapping("/back")
    String back(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam Area area,
            @RequestParam Side side,
            Model model) {
        return done(me, id, area + "." + side, model, () -> placements.back(me, id, area, side));
    }

    /** Draws a handle by pixels of the picture. */
    @PostMapping("/move")
    String move(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam Area area,
            @RequestParam Side side,
            @RequestParam int handle,
            @RequestParam double dx,
            @RequestParam double dy,
            Model model) {
        return done(me, id, area + "." + side, model, () -> {
            var level = plan(me, id).level();
            var from = level.toPicture(new scree.core.plane.Vec(0, 0));
            var way = level.fromPicture(from.plus(dx, dy));
            placements.move(me, id, area, side, handle, way.x(), way.y());
        });
    }

    @PostMapping("/product")
    String product(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam Area area,
            @RequestParam(defaultValue = "") String zone,
            @RequestParam(required = false) Long product,
            Model model) {
        return done(me, id, zone, model, () -> placements.product(me, id, area, product));
    }

    /** The one tap that mends a caution. */
    @PostMapping("/mend")
    String mend(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam Area area,
            @RequestParam Side side,
            @RequestParam Fault.Remedy remedy,
            Model model) {
        return done(me, id, area + "." + side, model, () -> {
            switch (remedy) {
                case BACK -> placements.back(me, id, area, side);
                case LEAVE_OUT -> placements.leaveOut(me, id, area, side, true);
                case CORNERS -> placements.method(me, id, m -> Schools.change(m, "underEye", "CORNERS"));
            }
        });
    }

    @PostMapping("/undo")
    String undo(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String zone,
            Model model) {
        return done(me, id, zone, model, () -> placements.undo(me.studio(), id));
    }

    @PostMapping("/redo")
    String redo(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String zone,
            Model model) {
        return done(me, id, zone, model, () -> placements.redo(me.studio(), id));
    }

    private String done(Member me, long id, String zone, Model model, Runnable change) {
        Sitting sitting = sittings.get(me.studio(), id);
        try {
            change.run();
        } catch (IllegalArgumentException refused) {
            model.addAttribute("refused", words.say("place.tooFar"));
        } catch (UnreadableState unreadable) {
            // the page says so below, with the way out
        }
        contents.show(me.studio(), sitting, zone, model);
        return "place/page :: work";
    }
}
