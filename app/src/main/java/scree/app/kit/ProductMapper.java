package scree.app.kit;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.bin.BinTable;
import scree.app.studio.StudioId;
import scree.core.shade.DryDown;
import scree.core.shade.Form;
import scree.core.shade.Role;

/** The products of one studio. */
@Mapper
interface ProductMapper extends BinTable {
    List<Product> all(@Param("studio") StudioId studio);

    List<Product> page(
            @Param("studio") StudioId studio,
            @Param("role") Role role,
            @Param("text") String text,
            @Param("limit") int limit,
            @Param("offset") int offset);

    int count(@Param("studio") StudioId studio, @Param("role") Role role, @Param("text") String text);

    List<Product> withRole(@Param("studio") StudioId studio, @Param("role") Role role);

    Product find(@Param("studio") StudioId studio, @Param("id") long id);

    List<Product> some(@Param("studio") StudioId studio, @Param("ids") Collection<Long> ids);

    long add(@Param("studio") StudioId studio, @Param("p") Product product);

    /** Returns the rows changed: 0 when the product is gone or was edited since its version. */
    int change(@Param("studio") StudioId studio, @Param("p") Product product);

    long kitVersion(@Param("studio") StudioId studio);

    int raiseKitVersion(@Param("studio") StudioId studio);

    /** Returns settled minus wet of a form's other products. */
    List<DryDown.Shift> shiftsOf(@Param("studio") StudioId studio, @Param("form") Form form, @Param("but") long but);

    /** Puts the learned shift; null takes it away. */
    int learn(@Param("studio") StudioId studio, @Param("id") long id, @Param("shift") DryDown.Shift shift);

    List<Product> expiring(
            @Param("studio") StudioId studio, @Param("before") LocalDate before, @Param("limit") int limit);

    /** Adds many in one statement. */
    int addAll(@Param("studio") StudioId studio, @Param("products") List<Product> products);
}
