package scree.app.judge;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import scree.app.kit.KitShelf;
import scree.app.kit.Product;
import scree.app.memory.Memories;
import scree.app.sitting.Sitting;
import scree.app.studio.StudioId;
import scree.core.colour.Lab;
import scree.core.judge.LaidProduct;
import scree.core.judge.RoleJudge;
import scree.core.judge.RoleSkin;
import scree.core.judge.RoleWish;
import scree.core.judge.Sought;
import scree.core.judge.TwoMixed;
import scree.core.judge.Verdict;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Told;
import scree.core.shade.Traits;

/** What of a kit can do a role on a skin, the best first. */
@Service
public class RoleShelf {
    private static final int LAID_KEPT = 4000;
    private static final int ANSWERS_KEPT = 400;

    private final KitShelf shelf;
    private final Cache<LaidKey, LaidProduct> laid;
    private final Cache<Asked, Answer> answers;
    private final Cache<Effect, Sought> sought;

    private record LaidKey(Form form, Lab settled, double contrast, Traits traits) {}

    /** What a role is to do on a skin; no kit changes what a product for it would have to be. */
    private record Effect(Role role, RoleSkin skin, RoleWish wish) {}

    /** A question: another kit, or another product kept from this client, is another question. */
    private record Asked(
            StudioId studio, long kitVersion, Role role, RoleSkin skin, RoleWish wish, List<Long> allowed) {}

    RoleShelf(KitShelf shelf, Memories memories) {
        this.shelf = shelf;
        this.laid = memories.keep("laid products", LAID_KEPT);
        this.answers = memories.keep("roles on skins", ANSWERS_KEPT);
        this.sought = memories.keep("what roles seek", ANSWERS_KEPT);
    }

    /** A product with what one would see of it. */
    public record Candidate(Product product, LaidProduct laid, Verdict verdict) {}

    /**
     * What the kit has.
     *
     * @param foremost the best first, those that do not look right after all that do
     * @param sought what a product would have to be
     * @param mix of two products that does it when none does alone, or null
     */
    public record Answer(List<Candidate> foremost, Sought sought, TwoMixed<Product> mix) {
        /** Returns the best that looks right, empty when this kit has nothing for the role. */
        public Optional<Candidate> best() {
            return foremost.stream().filter(c -> c.verdict().fits()).findFirst();
        }

        /** Returns the best powder that looks right. */
        public Optional<Candidate> bestPowder() {
            return foremost.stream()
                    .filter(c -> c.verdict().fits() && c.product().powder())
                    .findFirst();
        }
    }

    /** Asks for a role; what the client must not have, is past its time or out of stock is left out. */
    public Answer ask(StudioId studio, Sitting sitting, Role role, RoleSkin skin, RoleWish wish) {
        KitShelf.Shelf now = shelf.of(studio);
        List<Product> allowed = allowed(now, sitting, role);
        Asked asked = new Asked(
                studio,
                now.version(),
                role,
                skin,
                wish,
                allowed.stream().map(Product::id).toList());
        return answers.get(asked, a -> answer(role, skin, wish, allowed));
    }

    /**
     * Returns what of a role a client may have: nothing they react to, past its time or out of stock, and at the eye only what is said to
     * be safe there.
     */
    public List<Product> allowed(StudioId studio, Sitting sitting, Role role) {
        return allowed(shelf.of(studio), sitting, role);
    }

    private static List<Product> allowed(KitShelf.Shelf now, Sitting sitting, Role role) {
        var told = sitting.sensitivities();
        return now.withRole(role).stream()
                .filter(p -> p.struck(told, now.day()).isEmpty())
                .filter(p -> !role.atTheEye() || p.traits().eyeSafe() == Told.YES)
                .toList();
    }

    /** Returns what is kept from the eye only because nobody said whether it is safe there. */
    public List<Product> unsaidAtTheEye(StudioId studio, Sitting sitting, Role role) {
        if (!role.atTheEye()) {
            return List.of();
        }
        KitShelf.Shelf now = shelf.of(studio);
        return now.withRole(role).stream()
                .filter(p -> p.traits().eyeSafe() == Told.UNKNOWN)
                .filter(p -> p.struck(sitting.sensitivities(), now.day()).isEmpty())
                .toList();
    }

    private Answer answer(Role role, RoleSkin skin, RoleWish wish, List<Product> allowed) {
        RoleJudge judge = new RoleJudge(role, skin, wish);
        List<Candidate> foremost = judge.foremost(allowed, this::laid).stream()
                .map(j -> new Candidate(j.what(), laid(j.what()), j.verdict()))
                .toList();
        boolean none = foremost.stream().noneMatch(c -> c.verdict().fits());
        TwoMixed<Product> mix = !none
                ? null
                : TwoMixed.of(judge, foremost.stream().map(Candidate::product).toList(), this::laid)
                        .orElse(null);
        return new Answer(
                foremost, sought.get(new Effect(role, skin, wish), e -> Sought.of(e.role(), e.skin(), e.wish())), mix);
    }

    /** Judges one product that an artist chose, whatever stands before it. */
    public Candidate judge(Product product, Role role, RoleSkin skin, RoleWish wish) {
        LaidProduct as = laid(product);
        return new Candidate(product, as, new RoleJudge(role, skin, wish).judge(as));
    }

    /** Returns a product as it is laid. */
    public LaidProduct laid(Product p) {
        return laid.get(
                new LaidKey(p.form(), p.settled(), p.contrastRatio(), p.traits()),
                k -> LaidProduct.of(k.form(), k.settled(), k.contrast(), k.traits()));
    }
}
