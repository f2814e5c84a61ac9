package scree.app.handover;

import java.time.OffsetDateTime;
import scree.app.look.HtmlPdf;

/**
 * A sheet as it was handed over.
 *
 * @param picture whether the client's picture is on it
 */
record HandedSheet(long id, OffsetDateTime madeAt, HtmlPdf.Paper paper, boolean picture) {}
