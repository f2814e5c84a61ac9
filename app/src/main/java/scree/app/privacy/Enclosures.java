package scree.app.privacy;

import java.util.Optional;
import scree.app.studio.Member;

/** What is drawn of a sitting, for people who read no documents. */
public interface Enclosures {
    /** Returns the face chart as PDF, empty where nothing was planned. */
    Optional<byte[]> chart(Member me, long sitting);
}
