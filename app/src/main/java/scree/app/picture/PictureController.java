package scree.app.picture;

import java.util.function.Supplier;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.context.request.WebRequest;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;

@Controller
@OpenTo({Role.OWNER, Role.ARTIST, Role.ASSISTANT, Role.TRAINEE})
class PictureController {
    private final Pictures pictures;

    private final PictureGate gate;

    PictureController(Pictures pictures, PictureGate gate) {
        this.gate = gate;
        this.pictures = pictures;
    }

    @GetMapping("/pictures/{id}.jpg")
    ResponseEntity<byte[]> picture(@CurrentMember Member me, @PathVariable long id, WebRequest request) {
        return jpeg(me, id, request, () -> pictures.jpeg(me.studio(), id));
    }

    @GetMapping("/pictures/{id}/small.jpg")
    ResponseEntity<byte[]> small(@CurrentMember Member me, @PathVariable long id, WebRequest request) {
        return jpeg(me, id, request, () -> pictures.thumb(me.studio(), id));
    }

    /** Returns how many pictures wait to be read, for whoever waits with one. */
    @GetMapping(value = "/pictures/waiting", produces = MediaType.TEXT_PLAIN_VALUE)
    @ResponseBody
    String waiting() {
        return String.valueOf(gate.waiting());
    }

    /** A browser may keep a picture of a person but asks each time whether it still may show it; after signing out it may not. */
    private ResponseEntity<byte[]> jpeg(Member me, long id, WebRequest request, Supplier<byte[]> bytes) {
        String tag = "\"" + pictures.get(me.studio(), id).sha256().substring(0, 32) + "\"";
        ResponseEntity.BodyBuilder answer = ResponseEntity.status(request.checkNotModified(tag) ? 304 : 200)
                .eTag(tag)
                .header("X-Content-Type-Options", "nosniff")
                .cacheControl(CacheControl.noCache().cachePrivate());
        return request.checkNotModified(tag)
                ? answer.build()
                : answer.contentType(MediaType.IMAGE_JPEG).body(bytes.get());
    }
}
