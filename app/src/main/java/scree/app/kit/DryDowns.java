package scree.app.kit;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.core.colour.Lab;
import scree.core.shade.DryDown;

/** Learns what each product does between wet and settled, from stripes that artists watched or measured. */
@Service
public class DryDowns {
    private final DryDownMapper mapper;
    private final ProductMapper products;

    DryDowns(DryDownMapper mapper, ProductMapper products) {
        this.mapper = mapper;
        this.products = products;
    }

    /** Returns what was seen of a product, the newest first. */
    public List<WatchedStripe> of(StudioId studio, long product) {
        return mapper.of(studio, product);
    }

    /** Keeps what an artist saw beside the skin and learns from it. */
    @Transactional
    public void seen(Member me, long sitting, long product, DryDown.Answer answer, Lab skin) {
        Product p = NotHere.unless(products.find(me.studio(), product), "product");
        keep(me, sitting, p, WatchedStripe.of(answer, DryDown.byEye(answer, p.wet(), skin, p.settled())));
    }

    /** Keeps what the meter read of a settled stripe and learns from it. */
    @Transactional
    public void measured(Member me, long sitting, long product, Lab settled) {
        Product p = NotHere.unless(products.find(me.studio(), product), "product");
        keep(me, sitting, p, WatchedStripe.of(null, DryDown.byMeter(p.wet(), settled)));
    }

    private void keep(Member me, long sitting, Product p, WatchedStripe seen) {
        mapper.add(me.studio(), p.id(), sitting, me.artistId(), seen);
        relearn(me.studio(), p);
    }

    /** Takes one observation back. */
    @Transactional
    public void forget(StudioId studio, long product, long id) {
        Product p = NotHere.unless(products.find(studio, product), "product");
        mapper.forget(studio, product, id);
        relearn(studio, p.with(p.swatch().unlearned()));
    }

    /** Works the learned shift out anew, as after a change of the recorded colours. */
    void relearn(StudioId studio, Product p) {
        List<WatchedStripe> seen = mapper.of(studio, p.id());
        products.raiseKitVersion(studio);
        if (seen.isEmpty()) {
            products.learn(studio, p.id(), p.swatch().learned()); // what came with a file stays while its colours do
            return;
        }
        DryDown.Shift usual = DryDown.usual(p.form(), products.shiftsOf(studio, p.form(), p.id()));
        DryDown.Shift learned = DryDown.learned(
                DryDown.Shift.between(p.wet(), p.recorded()),
                usual,
                seen.stream().map(WatchedStripe::seen).toList());
        products.learn(studio, p.id(), learned);
    }
}
