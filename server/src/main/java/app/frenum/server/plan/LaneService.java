package app.frenum.server.plan;

import app.frenum.core.plan.LaneSpec;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.server.problem.Problem;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps lanes. */
@Service
@Transactional
public class LaneService {
    private final LaneRepository lanes;
    private final JsonMapper json;

    LaneService(LaneRepository lanes, JsonMapper json) {
        this.lanes = lanes;
        this.json = json;
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
        Lane row = lanes.findById(lane.id()).orElseGet(() -> new Lane(lane.id()));
        if (lanes.existsById(lane.id()) && row.version() != lane.version()) {
            throw Problem.conflict("It was changed in the meantime. Load it again and repeat the change.");
        }
        row.set(lane.lane().lane().strip(), json.writeValueAsString(lane.lane()));
        return view(lanes.saveAndFlush(row));
    }

    private LaneView view(Lane l) {
        return new LaneView(l.id(), json.readValue(l.spec(), LaneSpec.class), l.version());
    }
}
