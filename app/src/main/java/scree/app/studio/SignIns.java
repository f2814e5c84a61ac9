package scree.app.studio;

import java.time.OffsetDateTime;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who came in to an account, from where, and who tried; kept for half a year, for its owner to see. */
@Service
public class SignIns implements Upkeep.Task {
    private static final int SHOWN = 20;

    private final AccountMapper mapper;

    SignIns(AccountMapper mapper) {
        this.mapper = mapper;
    }

    /** How it went. */
    public enum Outcome {
        /** In a browser that was here before. */
        KNOWN,
        NEW,
        /** A wrong password. */
        FAILED
    }

    /** One time. */
    public record SignIn(OffsetDateTime at, String address, Outcome outcome) {}

    /** Keeps that somebody came in. */
    @Transactional
    public void cameIn(Member member, String address, boolean known) {
        mapper.putSignIn(member.studio(), member.artistId(), address, known ? Outcome.KNOWN : Outcome.NEW);
    }

    /** Keeps that somebody tried; of an account that does not exist nothing is kept. */
    @Transactional
    public void failed(String account, String address) {
        mapper.putFailedSignIn(account.strip(), address);
    }

    /** Returns the newest. */
    @Transactional(readOnly = true)
    public List<SignIn> newest(Member member) {
        return mapper.signIns(member.studio(), member.artistId(), SHOWN);
    }

    @Override
    @Transactional
    public void keepUp(StudioId studio) {
        mapper.forgetSignIns(studio);
    }
}
