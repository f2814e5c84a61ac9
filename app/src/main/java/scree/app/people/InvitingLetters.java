package scree.app.people;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.mail.Draft;
import scree.app.mail.Outbox;
import scree.app.mail.PostOffice;
import scree.app.studio.Member;
import scree.app.studio.Role;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.app.web.Words;

/** Invitations that go by letter. */
@Service
public class InvitingLetters {
    private final People people;
    private final Outbox outbox;
    private final PostOffice office;
    private final StudioTime time;
    private final Words words;

    InvitingLetters(People people, Outbox outbox, PostOffice office, StudioTime time, Words words) {
        this.people = people;
        this.outbox = outbox;
        this.office = office;
        this.time = time;
        this.words = words;
    }

    /** Returns whether letters can leave the house. */
    boolean possible() {
        return office.open();
    }

    /**
     * Asks somebody in by letter.
     *
     * @param address of whoever is asked in
     * @param origin how this Scree is reached
     */
    @Transactional
    public void send(Member me, Role role, String address, String origin) {
        String token = people.invite(me, role);
        Invitation invitation = people.at(token).orElseThrow();
        String until = words.date("date.until", invitation.expiresAt().atZoneSameInstant(time.zone(me.studio())));
        outbox.putInvitation(
                me,
                invitation.id(),
                new Draft(
                        address,
                        address,
                        words.say("people.letter.subject", me.studioName()),
                        words.say(
                                "people.letter.body",
                                me.name(),
                                me.studioName(),
                                words.say("person.role." + role),
                                origin + "/join/" + token,
                                until),
                        null));
    }

    /** Returns how far letters are, by invitation. */
    Map<Long, Outbox.Carrying> carrying(StudioId studio) {
        List<Outbox.Carrying> all = outbox.invitations(studio);
        return all.stream().collect(Collectors.toMap(Outbox.Carrying::invitation, c -> c, (a, b) -> b));
    }

    /** Takes a link back, with the letter that carries it. */
    @Transactional
    public void close(Member me, long invitation) {
        people.close(me, invitation);
        outbox.withdrawInvitation(me.studio(), invitation);
    }
}
