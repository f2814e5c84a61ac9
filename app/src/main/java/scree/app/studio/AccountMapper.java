package scree.app.studio;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Studios and the people in them. */
@Mapper
interface AccountMapper {
    Account findByEmail(@Param("email") String email);

    int countStudios();

    long addStudio(@Param("name") String name);

    long addArtist(
            @Param("studio") StudioId studio,
            @Param("name") String name,
            @Param("email") String email,
            @Param("passwordHash") String passwordHash);

    List<Artist> artists(@Param("studio") StudioId studio);
}
