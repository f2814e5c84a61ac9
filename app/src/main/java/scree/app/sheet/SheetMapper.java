package scree.app.sheet;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.bin.BinTable;
import scree.app.studio.StudioId;
import scree.core.swatch.FieldRead;

/** Swatch sheets of one studio. */
@Mapper
interface SheetMapper extends BinTable {
    List<SwatchSheet> all(@Param("studio") StudioId studio);

    SwatchSheet find(@Param("studio") StudioId studio, @Param("id") long id);

    SwatchSheet withNumber(@Param("studio") StudioId studio, @Param("number") int number);

    /** Returns the highest number in use, 0 for none; those in the bin count, since their prints lie about. */
    int highest(@Param("studio") StudioId studio);

    long add(@Param("studio") StudioId studio, @Param("number") int number, @Param("artist") long artist);

    List<SheetPicture> pictures(@Param("studio") StudioId studio, @Param("sheet") long sheet);

    List<FieldRead> readings(@Param("studio") StudioId studio, @Param("picture") long picture);

    int dropPicture(
            @Param("studio") StudioId studio, @Param("sheet") long sheet, @Param("stage") SheetPicture.Stage stage);

    long addPicture(
            @Param("studio") StudioId studio,
            @Param("sheet") long sheet,
            @Param("p") SheetPicture picture,
            @Param("jpeg") byte[] jpeg,
            @Param("thumb") byte[] thumb);

    int addReadings(
            @Param("studio") StudioId studio, @Param("picture") long picture, @Param("fields") List<FieldRead> fields);

    int restage(
            @Param("studio") StudioId studio,
            @Param("sheet") long sheet,
            @Param("from") SheetPicture.Stage from,
            @Param("to") SheetPicture.Stage to);

    /** Holds a picture's bytes, since a bare array is taken for a list. */
    record Bytes(byte[] bytes) {}

    Bytes jpeg(@Param("studio") StudioId studio, @Param("sheet") long sheet, @Param("picture") long picture);

    List<SheetField> fields(@Param("studio") StudioId studio, @Param("sheet") long sheet);

    int putField(@Param("studio") StudioId studio, @Param("sheet") long sheet, @Param("f") SheetField field);

    int clearField(@Param("studio") StudioId studio, @Param("sheet") long sheet, @Param("number") int number);

    int taken(
            @Param("studio") StudioId studio,
            @Param("sheet") long sheet,
            @Param("number") int number,
            @Param("product") long product);

    /** Lets a product's fields be taken again; the name of one that is deleted is written on them. */
    int untaken(@Param("studio") StudioId studio, @Param("product") long product);
}
