package scree.app.mail;

import java.util.List;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.StudioTime;
import scree.app.web.NotHere;

/** What the stand-in took in of a studio's letters: the client's side of the post, where no real one is set up. */
@Controller
class InboxController {
    private final ObjectProvider<StandInInbox> inbox;
    private final StudioTime time;

    InboxController(ObjectProvider<StandInInbox> inbox, StudioTime time) {
        this.inbox = inbox;
        this.time = time;
    }

    @GetMapping("/inbox")
    String page(@CurrentMember Member me, Model model) {
        model.addAttribute("letters", letters(me).stream().map(InboxView::of).toList());
        model.addAttribute("zone", time.zone(me.studio()));
        return "mail/inbox";
    }

    @GetMapping("/inbox/{letter}/files/{file}")
    ResponseEntity<byte[]> file(@CurrentMember Member me, @PathVariable long letter, @PathVariable int file) {
        StandInInbox.Enclosed found = letters(me).stream()
                .filter(l -> l.id() == letter)
                .flatMap(l -> l.files().stream().skip(Math.max(0, file)))
                .findFirst()
                .orElseThrow(() -> new NotHere("letter"));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(found.name())
                                .build()
                                .toString())
                .body(found.bytes());
    }

    private List<StandInInbox.Arrived> letters(Member me) {
        StandInInbox standIn = inbox.getIfAvailable();
        if (standIn == null) {
            throw new NotHere("inbox");
        }
        return standIn.letters(me.studio());
    }
}
