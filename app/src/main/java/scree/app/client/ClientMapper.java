package scree.app.client;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.bin.BinTable;
import scree.app.studio.StudioId;

/** The clients of one studio. Every method takes the studio first; another studio's rows do not exist here. */
@Mapper
interface ClientMapper extends BinTable {
    List<Client> search(@Param("studio") StudioId studio, @Param("text") String text, @Param("limit") int limit);

    Client find(@Param("studio") StudioId studio, @Param("id") long id);

    long add(@Param("studio") StudioId studio, @Param("c") Client client);

    int reachedAt(@Param("studio") StudioId studio, @Param("id") long id, @Param("email") String email);

    /** Returns the rows changed: 0 when the client is gone or was edited since its version. */
    int change(@Param("studio") StudioId studio, @Param("c") Client client);
}
