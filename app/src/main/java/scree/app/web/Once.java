package scree.app.web;

import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.Secrets;
import scree.app.studio.StudioId;
import scree.app.studio.Upkeep;

/**
 * Lets a form that creates something count once. Each form carries a token; the first press uses it up together with what it
 * creates, and a second press, however soon, gets the outcome of the first.
 */
@Service
public class Once implements Upkeep.Task {
    private static final int TOKEN_BYTES = 15;
    private static final int LEAST_LENGTH = 8;
    private static final int MOST_LENGTH = 64;

    private final OnceMapper mapper;

    Once(OnceMapper mapper) {
        this.mapper = mapper;
    }

    /** Returns a token for a form that is about to be shown. */
    public static String fresh() {
        return Secrets.token(TOKEN_BYTES);
    }

    /**
     * Does something once for a token.
     *
     * @param token of the form; a form without one is refused
     * @param create does it and returns its outcome, such as where to go next; must not be null
     * @return the outcome, of this press or of the one before
     */
    @Transactional
    public String only(StudioId studio, String token, Supplier<String> create) {
        if (token == null || token.length() < LEAST_LENGTH || token.length() > MOST_LENGTH) {
            throw new BadInput("form", "input.once");
        }
        if (mapper.use(studio, token) == 0) { // waits for a press that is at work and then finds its outcome
            return mapper.outcome(studio, token);
        }
        String outcome = create.get();
        mapper.put(studio, token, outcome);
        return outcome;
    }

    @Override
    @Transactional
    public void keepUp(StudioId studio) {
        mapper.forgetOld(studio);
    }
}
