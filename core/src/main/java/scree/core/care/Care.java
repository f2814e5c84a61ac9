package scree.core.care;

import java.util.ArrayList;
import java.util.List;
import scree.core.reason.Reason;

/** What to say before the skin is touched, from what is known of a client. Never blocking, never a diagnosis. */
public final class Care {
    private Care() {}

    /** What is to be said; the gravest first. */
    public enum Code {
        /** The patch test for this sitting reacted. */
        PATCH_REACTED,
        /** A patch test for an earlier sitting reacted. */
        PATCH_REACTED_BEFORE,
        /** Args: what the client reacts to, in their words. */
        REACTS,
        /** Args: where skin is broken, sore or freshly treated. */
        BROKEN_SKIN,
        /** No patch test is noted. */
        NO_PATCH_TEST,
        /** Always. */
        HYGIENE
    }

    /** A patch test is made a day to two before, so within so many hours of a sitting it is time. House rule after common labels. */
    public static final int PATCH_TEST_HOURS = 48;

    /** How a patch test went. */
    public enum PatchTest {
        NONE,
        CLEAR,
        REACTED
    }

    /**
     * What is known.
     *
     * @param allergies from the client's own page
     * @param reactions told for this sitting
     * @param before told for the client's other sittings, from home too
     * @param patchTest null where nothing was asked
     * @param reactedBefore a patch test of another sitting reacted
     * @param brokenSkin where, null or blank for nowhere
     */
    public record Known(
            String allergies,
            String reactions,
            String before,
            PatchTest patchTest,
            boolean reactedBefore,
            String brokenSkin) {
        /** Returns everything that was told of what the client reacts to, each once; empty for nothing. */
        public String reactsTo() {
            List<String> said = new ArrayList<>();
            for (String text : new String[] {allergies, reactions, before}) {
                if (text != null && !text.isBlank() && said.stream().noneMatch(s -> covers(s, text))) {
                    said.add(text.strip());
                }
            }
            return String.join("; ", said);
        }

        private static boolean covers(String said, String text) {
            return said.strip().equalsIgnoreCase(text.strip());
        }
    }

    /** Returns what is to be said, the gravest first; hygiene always closes. */
    public static List<Reason> before(Known known) {
        List<Reason> say = new ArrayList<>();
        if (known.patchTest() == PatchTest.REACTED) {
            say.add(Reason.caution(Code.PATCH_REACTED));
        } else if (known.reactedBefore()) {
            say.add(Reason.caution(Code.PATCH_REACTED_BEFORE));
        }
        String reacts = known.reactsTo();
        if (!reacts.isEmpty()) {
            say.add(Reason.caution(Code.REACTS, reacts));
        }
        if (known.brokenSkin() != null && !known.brokenSkin().isBlank()) {
            say.add(Reason.caution(Code.BROKEN_SKIN, known.brokenSkin().strip()));
        }
        if (known.patchTest() == null || known.patchTest() == PatchTest.NONE) {
            say.add(Reason.check(Code.NO_PATCH_TEST));
        }
        say.add(Reason.note(Code.HYGIENE));
        return say;
    }
}
