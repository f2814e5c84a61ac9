package scree.app.people;

import com.nulabinc.zxcvbn.Strength;
import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.stereotype.Component;
import scree.app.studio.Accounts;

/** Which passwords are taken: those that a guesser who knows people's habits does not find (zxcvbn, Wheeler 2016). */
@Component
class Passwords {
    /** Of 0 to 4. House choice: 3 stands against guessing where tries are counted, with room to spare. */
    private static final int LEAST_SCORE = 3;

    private final Zxcvbn guesser = new Zxcvbn();

    /** What is wrong with a password. */
    enum Fault {
        NONE,
        EMPTY,
        LONG,
        /** It is guessed too easily. */
        WEAK
    }

    /** @param known what a guesser knows of the person: name, address, studio */
    Fault judge(String password, List<String> known) {
        if (password == null || password.isEmpty()) {
            return Fault.EMPTY;
        }
        if (password.getBytes(StandardCharsets.UTF_8).length > Accounts.LONGEST_BYTES || password.indexOf('\0') >= 0) {
            return Fault.LONG;
        }
        Strength strength = guesser.measure(password, known);
        return strength.getScore() < LEAST_SCORE ? Fault.WEAK : Fault.NONE;
    }
}
