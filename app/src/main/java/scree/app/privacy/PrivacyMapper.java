package scree.app.privacy;

import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.Artist;
import scree.app.studio.StudioId;

/** All that is kept of a client, row by row, as the tables hang together. */
@Mapper
interface PrivacyMapper {
    /** A row without its files, as JSON. */
    record Row(String tab, String kept) {}

    /** A column that points at another table. */
    record Link(String tab, String col, String parent) {}

    /** A product as JSON. */
    record Product(long id, String kept) {}

    /** How many rows of a table are a client's, or were. */
    record Count(String tab, long n) {}

    /** A file. */
    record Bytes(byte[] bytes) {}

    /** Returns all rows, parents first. */
    List<Row> rows(@Param("studio") StudioId studio, @Param("client") long client);

    List<Link> keptLinks();

    /** Returns table.column of each file. */
    List<String> keptFiles();

    /** Returns the tables, parents first. */
    List<String> keptTables();

    /** Returns the number of the newest migration. */
    int schema();

    Bytes file(
            @Param("studio") StudioId studio, @Param("tab") String tab, @Param("id") long id, @Param("col") String col);

    /** Writes a row; returns its id, null where the table has none. */
    Long keep(@Param("studio") StudioId studio, @Param("tab") String tab, @Param("kept") String kept);

    List<Count> counts(@Param("studio") StudioId studio, @Param("client") long client);

    /** Returns how many rows of each table are the studio's. */
    List<Count> totals(@Param("studio") StudioId studio);

    List<Product> products(@Param("studio") StudioId studio, @Param("ids") Collection<Long> ids);

    /** Returns the product of that name, null when the kit has none. */
    Long product(
            @Param("studio") StudioId studio,
            @Param("line") String line,
            @Param("name") String name,
            @Param("role") String role);

    /** Adds a product that is not there to be used, and returns its id. */
    long addProduct(@Param("studio") StudioId studio, @Param("kept") String kept);

    /** Returns everybody who works or worked here, whoever left first. */
    List<Artist> artists(@Param("studio") StudioId studio);

    int erase(@Param("studio") StudioId studio, @Param("client") long client);

    boolean there(@Param("studio") StudioId studio, @Param("client") long client);
}
