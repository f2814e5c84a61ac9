package scree.app.chair;

import java.time.OffsetDateTime;
import scree.core.routine.Progress;
import scree.core.routine.StepCode;

/**
 * Something that was noted at a chair.
 *
 * @param no in the order of arrival
 * @param device that it was noted on, one a page that was opened
 * @param seq its number on the device
 * @param step null where it is about the whole work
 * @param words what was said or which product it was, or null
 * @param product of the kit, or null
 * @param picture that was taken, or null
 */
record ChairNote(
        long no,
        String device,
        int seq,
        Progress.Kind kind,
        StepCode step,
        OffsetDateTime at,
        String words,
        Long product,
        Long picture) {
    Progress.Event event() {
        return new Progress.Event(kind, step, at.toInstant(), device, seq);
    }
}
