package scree.app.place;

import java.util.Base64;
import java.util.Locale;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import scree.app.picture.Pictures;
import scree.app.picture.Upload;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.core.image.PictureRefused;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.judge.OwnShadow;

/** The contour's colour from the own shadow: a picture is read, shown once and not kept; only what the shade did is. */
@Controller
@RequestMapping("/sittings/{id}/place/shadow")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class ShadowController {
    private final Sittings sittings;
    private final Placements placements;
    private final Pictures pictures;
    private final Cairns cairns;
    private final PlaceWords words;

    ShadowController(Sittings sittings, Placements placements, Pictures pictures, Cairns cairns, PlaceWords words) {
        this.sittings = sittings;
        this.placements = placements;
        this.pictures = pictures;
        this.cairns = cairns;
        this.words = words;
    }

    /** What was read, for the page: shares of the picture and words. */
    record ReadView(
            String picture,
            double litX,
            double litY,
            double shadeX,
            double shadeY,
            double x,
            double z,
            double k,
            double turn,
            boolean daylight,
            String says,
            String means) {}

    @GetMapping
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("sittingId", id);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "place"));
        model.addAttribute(
                "kept",
                placements
                        .of(me.studio(), id)
                        .map(p -> p.sheet().shade() != null)
                        .orElse(false));
        return "place/shadow";
    }

    /** Reads a picture; marks are shares of its width and height, below 0 where Scree is to look by itself. */
    @PostMapping("/read")
    String read(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam("picture") MultipartFile file,
            @RequestParam(defaultValue = "true") boolean daylight,
            @RequestParam(defaultValue = "-1") double litX,
            @RequestParam(defaultValue = "-1") double litY,
            @RequestParam(defaultValue = "-1") double shadeX,
            @RequestParam(defaultValue = "-1") double shadeY,
            Model model) {
        page(me, id, model);
        try {
            Pictures.Ready ready = pictures.ready(Upload.of(file));
            Raster r = ready.raster();
            String shown = "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(ready.jpeg());
            model.addAttribute("shown", shown);
            boolean marked = litX >= 0 && litY >= 0 && shadeX >= 0 && shadeY >= 0;
            OwnShadow s = marked
                    ? OwnShadow.at(
                            r,
                            new Point(litX * r.width(), litY * r.height()),
                            new Point(shadeX * r.width(), shadeY * r.height()))
                    : OwnShadow.find(r);
            model.addAttribute("read", view(s, r, shown, daylight));
        } catch (PictureRefused refused) {
            model.addAttribute("refused", words.say("picture." + refused.why()));
        } catch (OwnShadow.NoShadow none) {
            model.addAttribute("refused", words.say("shadow.none." + none.why()));
        }
        return "place/shadow";
    }

    private ReadView view(OwnShadow s, Raster r, String shown, boolean daylight) {
        long percent = Math.round(100 * (1 - s.k()));
        double turn = Math.round(s.hueTurn() * 10) / 10.0;
        String cast = Math.abs(turn) < 1
                ? words.say("shadow.same")
                : words.say(turn > 0 ? "shadow.warmer" : "shadow.cooler", Math.abs(turn));
        return new ReadView(
                shown,
                s.lit().x() / r.width(),
                s.lit().y() / r.height(),
                s.shade().x() / r.width(),
                s.shade().y() / r.height(),
                s.tint().x(),
                s.tint().z(),
                s.k(),
                s.hueTurn(),
                daylight,
                words.say("shadow.takes", percent, cast.toLowerCase(Locale.ROOT)),
                words.say(daylight ? "shadow.day" : "shadow.lamp"));
    }

    @PostMapping("/take")
    String take(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam double x,
            @RequestParam double z,
            @RequestParam double k,
            @RequestParam double turn,
            @RequestParam boolean daylight,
            Model model) {
        sittings.get(me.studio(), id);
        try {
            placements.shade(me, id, new PlaceSheet.Shade(x, z, k, turn, daylight));
        } catch (IllegalArgumentException impossible) {
            model.addAttribute("refused", words.say("shadow.none.NO_SHADE"));
            return page(me, id, model);
        }
        return "redirect:/sittings/" + id + "/place?zone=CHEEK_SHADOW.LEFT";
    }

    @PostMapping("/forget")
    String forget(@CurrentMember Member me, @PathVariable long id) {
        sittings.get(me.studio(), id);
        placements.shade(me, id, null);
        return "redirect:/sittings/" + id + "/place?zone=CHEEK_SHADOW.LEFT";
    }
}
