package scree.app.face;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.look.PictureFrame;
import scree.app.picture.Picture;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.sitting.UnreadableState;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.web.NotHere;
import scree.core.face.Glance;
import scree.core.face.PointKey;
import scree.core.face.PointsRefused;
import scree.core.face.Shape;
import scree.core.face.Tick;
import scree.core.face.Trait;
import scree.core.image.Point;

/** The Face stage: points found or laid, moved by hand, measured on every change; what is overruled is kept. */
@Controller
@RequestMapping("/sittings/{id}/face")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class FaceController {
    private final Sittings sittings;
    private final Faces faces;
    private final FirstLooks looks;
    private final FaceSearches searches;
    private final FaceContents contents;
    private final Cairns cairns;
    private final FaceWords words;

    FaceController(
            Sittings sittings,
            Faces faces,
            FirstLooks looks,
            FaceSearches searches,
            FaceContents contents,
            Cairns cairns,
            FaceWords words) {
        this.looks = looks;
        this.searches = searches;
        this.sittings = sittings;
        this.faces = faces;
        this.contents = contents;
        this.cairns = cairns;
        this.words = words;
    }

    @GetMapping
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "face"));
        contents.show(me.studio(), id, model);
        return "face/page";
    }

    /** Takes what the browser found. */
    @PostMapping("/guess")
    String guess(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String search,
            Model model) {
        return done(me, id, model, () -> {
            List<String> stopping = LookView.stopping(looks.take(me, id, searches.read(search, 1)), words);
            if (!stopping.isEmpty()) {
                model.addAttribute("refused", String.join(" ", stopping));
            }
        });
    }

    /** Takes what the browser found in a picture that just came in; what is shown of it is asked for by the page itself. */
    @PostMapping("/look")
    String look(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String search,
            Model model) {
        sittings.get(me.studio(), id);
        looks.take(me, id, searches.read(search, 1));
        model.addAttribute("sittingId", id);
        return looks.waiting(me.studio(), id, words)
                .map(look -> {
                    model.addAttribute("look", look);
                    return "face/look :: look";
                })
                .orElse("face/look :: read");
    }

    /** Laying the points by three taps on the picture itself, also without scripts. */
    @GetMapping("/taps")
    @Transactional(readOnly = true)
    String taps(@CurrentMember Member me, @PathVariable long id, Model model) {
        return taps(me, id, List.of(), model);
    }

    @PostMapping("/taps")
    String taps(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String taps,
            @RequestParam(name = "at.x", defaultValue = "0") double x,
            @RequestParam(name = "at.y", defaultValue = "0") double y,
            Model model) {
        PictureFrame frame = frame(me, id);
        List<Point> all = new ArrayList<>();
        try {
            all.addAll(numbers(taps));
            all.add(new Point(x / frame.scale(), y / frame.scale()));
            if (all.size() < TAPS) {
                return taps(me, id, all, model);
            }
            faces.template(me, id, all.get(0), all.get(1), all.get(2));
            return "redirect:/sittings/" + id + "/face";
        } catch (PointsRefused refused) {
            model.addAttribute("refused", words.say("points." + refused.why()));
        } catch (IllegalArgumentException nowhere) {
            model.addAttribute("refused", words.say("points.OUTSIDE_PICTURE"));
        }
        return taps(me, id, List.of(), model);
    }

    private static final int TAPS = 3;

    private String taps(Member me, long id, List<Point> so, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "face"));
        model.addAttribute("picture", frame(me, id));
        model.addAttribute("at", so.size());
        model.addAttribute(
                "taps", so.stream().map(p -> p.x() + "," + p.y()).collect(java.util.stream.Collectors.joining(",")));
        return "face/taps";
    }

    private PictureFrame frame(Member me, long id) {
        sittings.get(me.studio(), id);
        Picture newest = faces.picture(me.studio(), id).orElseThrow(() -> new NotHere("picture"));
        return PictureFrame.whole(newest, FaceView.WIDTH, FaceView.HEIGHT);
    }

    @PostMapping("/template")
    String template(@CurrentMember Member me, @PathVariable long id, @RequestParam String taps, Model model) {
        return done(me, id, model, () -> {
            List<Point> p = numbers(taps);
            if (p.size() != 3) {
                throw new PointsRefused(PointsRefused.Why.NO_FACE);
            }
            faces.template(me, id, p.get(0), p.get(1), p.get(2));
        });
    }

    @PostMapping("/point")
    String point(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam String point,
            @RequestParam double dx,
            @RequestParam double dy,
            @RequestParam(defaultValue = "false") boolean alike,
            Model model) {
        PointKey key = PointKey.parse(point).orElseThrow(() -> new NotHere("point"));
        return done(me, id, model, () -> faces.move(me, id, key, dx, dy, alike));
    }

    @PostMapping("/confirm")
    String confirm(@CurrentMember Member me, @PathVariable long id, @RequestParam Glance look, Model model) {
        return done(me, id, model, () -> faces.confirm(me, id, look));
    }

    @PostMapping("/tick")
    String tick(@CurrentMember Member me, @PathVariable long id, @RequestParam Tick tick, Model model) {
        return done(me, id, model, () -> faces.tick(me, id, tick));
    }

    @PostMapping("/shape")
    String shape(
            @CurrentMember Member me, @PathVariable long id, @RequestParam(required = false) Shape shape, Model model) {
        return done(me, id, model, () -> faces.rule(me, id, shape));
    }

    @PostMapping("/finding")
    String finding(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam Trait trait,
            @RequestParam(required = false) FaceSheet.TraitRuling.Say say,
            Model model) {
        return done(me, id, model, () -> faces.rule(me, id, trait, say));
    }

    @PostMapping("/undo")
    String undo(@CurrentMember Member me, @PathVariable long id, Model model) {
        return done(me, id, model, () -> faces.undo(me.studio(), id));
    }

    @PostMapping("/redo")
    String redo(@CurrentMember Member me, @PathVariable long id, Model model) {
        return done(me, id, model, () -> faces.redo(me.studio(), id));
    }

    private String done(Member me, long id, Model model, Runnable change) {
        sittings.get(me.studio(), id);
        try {
            change.run();
        } catch (PointsRefused refused) {
            model.addAttribute("refused", words.say("points." + refused.why()));
        } catch (IllegalArgumentException nowhere) {
            model.addAttribute("refused", words.say("points.OUTSIDE_PICTURE"));
        } catch (UnreadableState unreadable) {
            // the page says so below, with the way out
        }
        contents.show(me.studio(), id, model);
        return "face/page :: work";
    }

    /** Reads x,y,x,y…; anything else is no face. */
    private static List<Point> numbers(String text) {
        List<Point> points = new ArrayList<>();
        try {
            String[] parts = text.isBlank() ? new String[0] : text.split(",", 1200);
            for (int i = 0; i + 1 < parts.length; i += 2) {
                double x = Double.parseDouble(parts[i]);
                double y = Double.parseDouble(parts[i + 1]);
                if (!Double.isFinite(x) || !Double.isFinite(y)) {
                    throw new PointsRefused(PointsRefused.Why.NO_FACE);
                }
                points.add(new Point(x, y));
            }
        } catch (NumberFormatException e) {
            throw new PointsRefused(PointsRefused.Why.NO_FACE);
        }
        return points;
    }
}
