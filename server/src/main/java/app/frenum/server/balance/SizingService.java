package app.frenum.server.balance;

import app.frenum.core.garage.Sizing;
import app.frenum.core.garage.SizingQuestion;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.server.garage.GarageService;
import app.frenum.server.problem.Problem;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out what another layout of a vehicle's brakes would do. */
@Service
@Transactional(readOnly = true)
class SizingService {
    private final GarageService garage;

    SizingService(GarageService garage) {
        this.garage = garage;
    }

    SizingView of(UUID vehicleId, SizingQuestion request) {
        VehicleSpec vehicle = garage.vehicle(vehicleId).spec();
        List<FieldProblem> problems = request.problems();
        if (!problems.isEmpty()) {
            throw Problem.invalid(problems);
        }
        double slowing = request.slowing().inside();
        return new SizingView(
                Sizing.of(vehicle, request.load(), slowing),
                Sizing.of(Sizing.with(vehicle, request.changes()), request.load(), slowing));
    }
}
