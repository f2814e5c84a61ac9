package scree.app.demo;

import org.springframework.stereotype.Component;
import scree.app.practice.PracticeFaces;
import scree.standins.camera.Ensemble;

/** The made-up musicians, by other names, for whoever practises; there without the demo too. */
@Component
class StandInFaces implements PracticeFaces {
    private static final int TO_READ = 1100;
    private static final int TO_SEE = 700;

    @Override
    public int count() {
        return Ensemble.all().size();
    }

    @Override
    public byte[] picture(int face, boolean small) {
        return Portraits.Portrait.today(Ensemble.all().get(face), small ? TO_SEE : TO_READ)
                .jpeg();
    }
}
