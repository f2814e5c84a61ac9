package scree.app.skin;

import java.time.Duration;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
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
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.bin.Gone;
import scree.app.face.FaceWords;
import scree.app.face.FirstLooks;
import scree.app.meter.MeterTrouble;
import scree.app.meter.Meters;
import scree.app.picture.Pictures;
import scree.app.picture.Upload;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;
import scree.core.face.Side;
import scree.core.image.PictureRefused;
import scree.core.skin.FreeSpot;
import scree.core.skin.Region;
import scree.core.skin.SkinFinding;
import scree.core.skin.SkinType;
import scree.core.skin.Texture;
import scree.core.skin.Zone;

/** The Skin stage: a picture in, zones moved by hand, the reading kept. */
@Controller
@RequestMapping("/sittings/{id}/skin")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class SkinController {
    private static final Logger LOG = LoggerFactory.getLogger(SkinController.class);
    private final Sittings sittings;
    private final Readings readings;
    private final FirstLooks looks;
    private final FaceWords faceWords;
    private final Pictures pictures;
    private final Touches touches;
    private final Meters meters;
    private final SkinContents contents;
    private final Cairns cairns;
    private final SkinWords words;
    private final Optional<PracticeCamera> camera;

    SkinController(
            Sittings sittings,
            Readings readings,
            FirstLooks looks,
            FaceWords faceWords,
            Pictures pictures,
            Touches touches,
            Meters meters,
            SkinContents contents,
            Cairns cairns,
            SkinWords words,
            Optional<PracticeCamera> camera) {
        this.sittings = sittings;
        this.readings = readings;
        this.looks = looks;
        this.faceWords = faceWords;
        this.pictures = pictures;
        this.touches = touches;
        this.meters = meters;
        this.contents = contents;
        this.cairns = cairns;
        this.words = words;
        this.camera = camera;
    }

    @GetMapping
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "skin"));
        contents.show(me.studio(), id, model);
        return "skin/page";
    }

    @PostMapping(params = "!camera")
    String upload(
            @CurrentMember Member me, @PathVariable long id, @RequestParam("picture") MultipartFile file, Model model) {
        return takeIn(me, id, Upload.of(file), model);
    }

    /** Deletes the picture that the reading rests on, and the reading with it; both can be brought back for thirty days. */
    @PostMapping("/picture/delete")
    String deletePicture(@CurrentMember Member me, @PathVariable long id, RedirectAttributes next) {
        long shown = looks.colourless(me.studio(), id, faceWords)
                .map(look -> look.picture().id())
                .or(() -> readings.of(me.studio(), id).map(TakenReading::pictureId))
                .orElseThrow(() -> new NotHere("picture"));
        pictures.delete(me.studio(), shown);
        String name = sittings.get(me.studio(), id).clientName();
        next.addFlashAttribute("gone", new Gone(pictures.kind(), shown, name));
        return "redirect:/sittings/" + id + "/skin";
    }

    /** Lets the stand-in camera take the picture; only where one is plugged in. */
    @PostMapping(params = "camera")
    String photograph(@CurrentMember Member me, @PathVariable long id, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        byte[] jpeg = camera.orElseThrow(() -> new NotHere("camera")).photograph(sitting);
        return takeIn(me, id, Upload.of(jpeg), model);
    }

    private String takeIn(Member me, long id, Upload upload, Model model) {
        try {
            readings.take(me.studio(), id, upload);
        } catch (PictureRefused refused) {
            LOG.info("picture refused: {}", refused.why());
            model.addAttribute("refused", words.say("picture." + refused.why()));
            return page(me, id, model);
        }
        return "redirect:/sittings/" + id + "/skin";
    }

    @PostMapping("/zone")
    String zone(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam Zone zone,
            @RequestParam Side side,
            @RequestParam(defaultValue = "0") double dx,
            @RequestParam(defaultValue = "0") double dy,
            @RequestParam(defaultValue = "1") double scale,
            Model model) {
        return relaid(me, id, model, face -> face.withZone(zone, side, dx, dy, scale));
    }

    @PostMapping("/point")
    String point(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam FaceState.Handle point,
            @RequestParam double dx,
            @RequestParam double dy,
            Model model) {
        return relaid(me, id, model, face -> face.withMoved(point, dx, dy));
    }

    @PostMapping("/template")
    String template(@CurrentMember Member me, @PathVariable long id, Model model) {
        return relaid(me, id, model, FaceState::withTemplate);
    }

    private String relaid(Member me, long id, Model model, java.util.function.UnaryOperator<FaceState> change) {
        try {
            readings.relay(me.studio(), id, change);
        } catch (StaleSave stale) {
            model.addAttribute("refused", words.say("skin.stale"));
        } catch (IllegalArgumentException refused) {
            model.addAttribute("refused", sentence(refused.getMessage()));
        }
        contents.show(me.studio(), id, model);
        return "skin/page :: work";
    }

    /** Lays the zones on the face's points. */
    @PostMapping("/points")
    String points(@CurrentMember Member me, @PathVariable long id, Model model) {
        readings.layOnPoints(me.studio(), id);
        contents.show(me.studio(), id, model);
        return "skin/page :: work";
    }

    @PostMapping("/spot")
    String spot(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam FreeSpot.Kind kind,
            @RequestParam double x,
            @RequestParam double y,
            Model model) {
        return relaid(me, id, model, face -> face.withSpot(kind, x, y));
    }

    @PostMapping("/spot/move")
    String moveSpot(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam int spot,
            @RequestParam(defaultValue = "0") double dx,
            @RequestParam(defaultValue = "0") double dy,
            @RequestParam(defaultValue = "1") double scale,
            Model model) {
        return relaid(me, id, model, face -> face.withSpotMoved(spot, dx, dy, scale));
    }

    @PostMapping("/spot/remove")
    String removeSpot(@CurrentMember Member me, @PathVariable long id, @RequestParam int spot, Model model) {
        return relaid(me, id, model, face -> face.withoutSpot(spot));
    }

    @PostMapping("/touch")
    String touch(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam Zone zone,
            @RequestParam Side side,
            @RequestParam Texture texture,
            Model model) {
        touches.toggle(me.studio(), id, new Touched(zone, side, texture));
        contents.show(me.studio(), id, model);
        return "skin/page :: work";
    }

    @PostMapping("/finding")
    String finding(
            @CurrentMember Member me, @PathVariable long id, @RequestParam SkinFinding.Code finding, Model model) {
        touches.rule(me, id, finding);
        contents.show(me.studio(), id, model);
        return "skin/page :: work";
    }

    @PostMapping("/type")
    String type(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam Region region,
            @RequestParam(required = false) SkinType type,
            Model model) {
        touches.type(me.studio(), id, region, type);
        contents.show(me.studio(), id, model);
        return "skin/page :: work";
    }

    @PostMapping("/meter")
    String press(@CurrentMember Member me, @PathVariable long id, @RequestParam Zone zone, Model model) {
        sittings.get(me.studio(), id);
        return metered(me, id, model, () -> meters.press(me.studio(), id, zone));
    }

    @PostMapping("/meter/tile")
    String tile(@CurrentMember Member me, @PathVariable long id, Model model) {
        return metered(me, id, model, meters::tile);
    }

    @PostMapping("/meter/forget")
    String forget(@CurrentMember Member me, @PathVariable long id, @RequestParam Zone zone, Model model) {
        return metered(me, id, model, () -> meters.forget(me.studio(), id, zone));
    }

    private String metered(Member me, long id, Model model, Runnable asking) {
        try {
            asking.run();
        } catch (MeterTrouble trouble) {
            model.addAttribute("refused", words.say("meter.skin." + trouble.why()));
        }
        contents.show(me.studio(), id, model);
        return "skin/page :: work";
    }

    /** The layer of what was left out of the means. */
    @GetMapping("/left-out.png")
    ResponseEntity<byte[]> leftOut(@CurrentMember Member me, @PathVariable long id) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_PNG)
                .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
                .body(readings.leftOut(me.studio(), id));
    }

    @PostMapping("/keep")
    String keep(@CurrentMember Member me, @PathVariable long id, @RequestParam int version, Model model) {
        try {
            readings.keep(me.studio(), id, version);
        } catch (StaleSave stale) {
            model.addAttribute("refused", words.say("skin.stale"));
            return page(me, id, model);
        }
        return "redirect:/sittings/" + id + "/base";
    }

    private static String sentence(String message) {
        return Character.toUpperCase(message.charAt(0)) + message.substring(1) + ".";
    }
}
