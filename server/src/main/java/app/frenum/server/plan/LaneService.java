package app.frenum.server.plan;

import app.frenum.core.plan.LaneSpec;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.server.Raced;
import app.frenum.server.document.Documents;
import app.frenum.server.problem.Problem;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps lanes. */
@Service
@Raced
@Transactional
public class LaneService {
    private final LaneRepository lanes;
    private final Documents documents;

    LaneService(LaneRepository lanes, Documents documents) {
        this.lanes = lanes;
        this.documents = documents;
    }

    @Transactional(readOnly = true)
    public List<LaneView> lanes() {
        return lanes.findAllByOrderByName().stream().map(this::view).toList();
    }

    @Transactional(readOnly = true)
    public LaneView lane(UUID id) {
        return lanes.findById(id).map(this::view).orElseThrow(() -> Problem.notFound("The lane"));
    }

    public LaneView save(LaneView lane) {
        List<FieldProblem> problems = lane.lane().problems();
        if (!problems.isEmpty()) {
            throw Problem.invalid(problems);
        }
        Optional<Lane> known = lanes.findById(lane.id());
        if (known.isPresent() && view(known.get()).lane().equals(lane.lane())) {
            return view(known.get());
        }
        if (known.isPresent() && known.get().version() != lane.version()) {
            throw Problem.changedMeanwhile();
        }
        Lane row = known.orElseGet(() -> new Lane(lane.id()));
        row.set(lane.lane().lane().strip(), documents.write(lane.lane()));
        return view(lanes.saveAndFlush(row));
    }

    private LaneView view(Lane l) {
        return new LaneView(l.id(), documents.read(l.spec(), LaneSpec.class), l.version());
    }
}
