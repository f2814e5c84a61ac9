package scree.app.picture;

import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;

@Controller
class PictureController {
    private final Pictures pictures;

    PictureController(Pictures pictures) {
        this.pictures = pictures;
    }

    @GetMapping("/pictures/{id}.jpg")
    ResponseEntity<byte[]> picture(@CurrentMember Member me, @PathVariable long id) {
        return jpeg(pictures.jpeg(me.studio(), id));
    }

    @GetMapping("/pictures/{id}/small.jpg")
    ResponseEntity<byte[]> small(@CurrentMember Member me, @PathVariable long id) {
        return jpeg(pictures.thumb(me.studio(), id));
    }

    private static ResponseEntity<byte[]> jpeg(byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .header("X-Content-Type-Options", "nosniff")
                .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
                .body(bytes);
    }
}
