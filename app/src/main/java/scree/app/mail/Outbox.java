package scree.app.mail;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;

/**
 * Letters on their way. A letter is stored in the transaction of what it belongs to, tried until it is delivered, and told about when it is not;
 * several processes may carry from one outbox.
 */
@Service
public class Outbox {
    /** Longer than any try takes: a process that died with a letter in hand gives it back after it. */
    static final Duration IN_HAND = Duration.ofMinutes(3);

    private final LetterMapper mapper;
    private final Clock clock;

    Outbox(LetterMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Puts a letter into the outbox; returns its number. */
    @Transactional
    public long put(Member me, long sitting, Draft draft) {
        return mapper.add(me.studio(), sitting, me.artistId(), draft.safe(), now());
    }

    /**
     * How far an invitation is that goes by letter.
     *
     * @param trouble what is wrong with the last try, or null
     */
    public record Carrying(long invitation, String address, Letter.State state, Letter.Trouble trouble) {}

    /** Puts a letter into the outbox that carries an invitation. */
    @Transactional
    public void putInvitation(Member me, long invitation, Draft draft) {
        mapper.addForInvitation(me.studio(), invitation, me.artistId(), draft.safe(), now());
    }

    /** Returns the letters that carry invitations of a studio. */
    public List<Carrying> invitations(StudioId studio) {
        return mapper.ofInvitations(studio);
    }

    /** Takes back the letter of an invitation, if it is not delivered. */
    @Transactional
    public void withdrawInvitation(StudioId studio, long invitation) {
        mapper.withdrawInvitation(studio, invitation, now());
    }

    /** Returns the letters of a sitting, the newest first. */
    public List<Letter> of(StudioId studio, long sitting) {
        return mapper.ofSitting(studio, sitting);
    }

    /** Returns letters that were refused or given up, and those that were tried in vain and wait. */
    public List<Letter> inTrouble(StudioId studio) {
        return mapper.inTrouble(studio);
    }

    /**
     * Tries one again now that is waiting, refused or given up.
     *
     * @param address to another address; null leaves it
     */
    @Transactional
    public void again(Member me, long sitting, long id, String address) {
        NotHere.unless(mapper.again(me.studio(), sitting, id, address, now()) > 0 ? id : null, "letter");
    }

    /** Takes one back that is not delivered. Nothing happens to one that is on its way at this moment. */
    @Transactional
    public boolean withdraw(Member me, long sitting, long id) {
        return mapper.withdraw(me.studio(), sitting, id, now()) > 0;
    }

    /** Returns the studios that have a letter to be carried now. */
    List<StudioId> due() {
        return mapper.studiosWithPost(now()).stream().map(StudioId::new).toList();
    }

    /** Takes the next one in hand that is due; nobody else gets it for a while. */
    @Transactional
    Optional<Carried> next(StudioId studio) {
        return Optional.ofNullable(mapper.hold(studio, now(), now().plus(IN_HAND)));
    }

    /** Erases what a delivered letter said. */
    @Transactional
    void delivered(StudioId studio, long id) {
        mapper.end(studio, id, Letter.State.SENT, null, now());
    }

    /** Puts one back after a try in vain. */
    @Transactional
    void failed(StudioId studio, Carried letter, Letter.Trouble trouble) {
        int tries = letter.tries() + 1;
        Duration wait = Letter.waitAfter(tries);
        if (trouble == Letter.Trouble.ADDRESS) {
            mapper.end(studio, letter.id(), Letter.State.REFUSED, trouble, now());
        } else if (wait == null) {
            mapper.end(studio, letter.id(), Letter.State.GIVEN_UP, trouble, now());
        } else {
            mapper.later(studio, letter.id(), trouble, now().plus(wait));
        }
    }

    /**
     * A letter in hand.
     *
     * @param pdf what goes along, or null
     */
    record Carried(
            long id,
            String toName,
            String toAddress,
            String subject,
            String body,
            byte[] pdf,
            int tries,
            String studioName,
            String artistName,
            String artistEmail) {}

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock);
    }
}
