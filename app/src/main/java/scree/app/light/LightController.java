package scree.app.light;

import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import scree.app.face.FaceWords;
import scree.app.face.FirstLooks;
import scree.app.face.LookView;
import scree.app.meter.MeterTrouble;
import scree.app.meter.Meters;
import scree.app.picture.Picture;
import scree.app.picture.Pictures;
import scree.app.picture.Upload;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.skin.LightWords;
import scree.app.skin.PracticeCamera;
import scree.app.skin.Readings;
import scree.app.skin.TakenReading;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.web.NotHere;
import scree.core.image.PictureRefused;
import scree.core.light.LightJudge;
import scree.core.light.LightVerdict;
import scree.core.light.MeteredLight;

/** The Light stage: what the light of the picture and the room allows, and the light of the event. */
@Controller
@RequestMapping("/sittings/{id}/light")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class LightController {
    private final Sittings sittings;
    private final Readings readings;
    private final FirstLooks looks;
    private final FaceWords faceWords;
    private final Meters meters;
    private final Pictures pictures;
    private final Cairns cairns;
    private final LightWords words;
    private final Optional<PracticeCamera> camera;

    LightController(
            Sittings sittings,
            Readings readings,
            FirstLooks looks,
            FaceWords faceWords,
            Meters meters,
            Pictures pictures,
            Cairns cairns,
            LightWords words,
            Optional<PracticeCamera> camera) {
        this.sittings = sittings;
        this.readings = readings;
        this.looks = looks;
        this.faceWords = faceWords;
        this.meters = meters;
        this.pictures = pictures;
        this.cairns = cairns;
        this.words = words;
        this.camera = camera;
    }

    @GetMapping
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "light"));
        model.addAttribute("camera", camera.isPresent());
        model.addAttribute("rooms", PracticeCamera.Room.values());
        model.addAttribute("meter", meters.lightSetUp());
        model.addAttribute("events", Sitting.EventLight.values());
        LookView look = looks.colourless(me.studio(), id, faceWords).orElse(null);
        model.addAttribute("sittingId", id);
        model.addAttribute("look", look);
        TakenReading taken = look != null ? null : readings.of(me.studio(), id).orElse(null);
        MeteredLight metered = meters.metered(me.studio(), id).orElse(null);
        Picture picture = taken == null ? null : pictures.get(me.studio(), taken.pictureId());
        LightVerdict verdict = taken != null ? taken.light() : metered == null ? null : LightJudge.judge(metered);
        model.addAttribute("view", LightView.of(taken, picture, metered, verdict, words));
        return "light/page";
    }

    @PostMapping(params = "!room")
    String upload(
            @CurrentMember Member me, @PathVariable long id, @RequestParam("picture") MultipartFile file, Model model) {
        return takeIn(me, id, Upload.of(file), model);
    }

    /** Lets the stand-in camera take the picture in a room of this light. */
    @PostMapping(params = "room")
    String photograph(
            @CurrentMember Member me, @PathVariable long id, @RequestParam PracticeCamera.Room room, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        byte[] jpeg = camera.orElseThrow(() -> new NotHere("camera")).photograph(sitting, room);
        return takeIn(me, id, Upload.of(jpeg), model);
    }

    private String takeIn(Member me, long id, Upload upload, Model model) {
        try {
            readings.take(me.studio(), id, upload);
        } catch (PictureRefused refused) {
            model.addAttribute("refused", words.say("picture." + refused.why()));
            return page(me, id, model);
        }
        return "redirect:/sittings/" + id + "/light";
    }

    @PostMapping("/meter")
    String meter(@CurrentMember Member me, @PathVariable long id, Model model) {
        sittings.get(me.studio(), id);
        try {
            meters.light(me.studio(), id);
        } catch (MeterTrouble trouble) {
            model.addAttribute("refused", words.say("meter.light." + trouble.why()));
            return page(me, id, model);
        }
        return "redirect:/sittings/" + id + "/light";
    }

    @PostMapping("/meter/forget")
    String forget(@CurrentMember Member me, @PathVariable long id) {
        meters.forgetLight(me.studio(), id);
        return "redirect:/sittings/" + id + "/light";
    }

    @PostMapping("/event")
    String event(@CurrentMember Member me, @PathVariable long id, @RequestParam Sitting.EventLight light) {
        sittings.eventLight(me.studio(), id, light);
        return "redirect:/sittings/" + id + "/light";
    }
}
