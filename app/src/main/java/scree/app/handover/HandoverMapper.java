package scree.app.handover;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.look.HtmlPdf;
import scree.app.studio.StudioId;

/** Sheets that were handed over, of one studio. */
@Mapper
interface HandoverMapper {
    /** Carries bytes: a bare array would be read as many rows. */
    record Bytes(byte[] bytes) {}

    long add(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("artist") long artist,
            @Param("paper") HtmlPdf.Paper paper,
            @Param("picture") boolean picture,
            @Param("pdf") byte[] pdf);

    /** Returns those of a sitting, the newest first, without their bytes. */
    List<HandedSheet> ofSitting(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    /** Returns what was handed over, or null. */
    Bytes pdf(@Param("studio") StudioId studio, @Param("id") long id);
}
