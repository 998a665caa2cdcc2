using System.Net;
using Hippodrome.Server.Hosting;
using Microsoft.AspNetCore.Routing;
using Microsoft.Extensions.DependencyInjection;
using Shouldly;
using Xunit;

namespace Hippodrome.Server.Tests;

/// <summary>Who may call what: every endpoint, with every role, another yard's trainer, and nobody.</summary>
public class AuthorisationTests(App app) : IClassFixture<App>
{
    /// <summary>
    /// Trainer, rider, owner and vet given the horse; a rider not given it; another yard's trainer; nobody.
    /// 200 stands for any good answer.
    /// </summary>
    private static readonly Dictionary<string, int[]> Expected = new()
    {
        // Anyone.
        ["GET /api/sign-in"] = [200, 200, 200, 200, 200, 200, 200],
        ["GET /health/live"] = [200, 200, 200, 200, 200, 200, 200],
        ["GET /health/ready"] = [200, 200, 200, 200, 200, 200, 200],
        ["GET /openapi/{documentName}.json"] = [200, 200, 200, 200, 200, 200, 200],
        // The address is the secret: whoever has it reads, signed in or not.
        ["GET /calendar/{token:length(48)}.ics"] = [200, 200, 200, 200, 200, 200, 200],

        // Early, while few blocks are under way: the whole yard's week is solved.
        ["POST /api/week/share"] = [200, 403, 403, 403, 403, 200, 401],
        ["POST /api/week/keep"] = [200, 403, 403, 403, 403, 200, 401],

        // Anyone signed in; what they see is their own.
        ["GET /api/today"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/arena"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/kit"] = [200, 200, 200, 200, 200, 200, 401],
        ["POST /api/horses/{horseId}/set-ups/mirrored"] = [200, 200, 200, 200, 404, 404, 401],
        ["POST /api/horses/{horseId}/set-ups/beside"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/set-ups/{setUpId:guid}/versions"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/week"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/roster"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/levels"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/calendar.ics"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/sessions.csv"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/rides.csv"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/me/calendars"] = [200, 200, 200, 200, 200, 200, 401],
        ["POST /api/me/calendars"] = [200, 200, 200, 200, 200, 200, 401],
        // Another person's calendar is as unknown as another yard's.
        ["DELETE /api/me/calendars/{id:guid}"] = [200, 404, 404, 404, 404, 404, 401],
        // Another person's long work too.
        ["GET /api/jobs/{id:guid}"] = [200, 404, 404, 404, 404, 404, 401],
        ["DELETE /api/jobs/{id:guid}"] = [200, 404, 404, 404, 404, 404, 401],
        ["GET /api/library"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/session-templates"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/horses/{horseId}/rides/{rideId:guid}/taps"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/rides/{rideId:guid}/photos/{photoId:guid}"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/distance"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/approach"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/horses"] = [200, 200, 200, 200, 200, 200, 401],
        ["PUT /api/me/measures"] = [200, 200, 200, 200, 200, 200, 401],

        // Whoever has been given the horse reads it.
        ["GET /api/horses/{horseId}"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/restrictions"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/ladders"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/ladders/{strand}/{rung}"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/aims.csv"] = [200, 200, 200, 200, 200, 200, 401],
        // Another yard has no horse of that name.
        ["POST /api/aims/table"] = [200, 403, 403, 403, 403, 400, 401],
        ["GET /api/aims/levels"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/horses/{horseId}/aims/{aimId:guid}/readiness"] = [200, 200, 200, 200, 404, 404, 401],
        // Dressage tests: those that ship are everybody's.
        ["GET /api/dressage-tests"] = [200, 200, 200, 200, 200, 200, 401],
        ["POST /api/dressage-tests/check"] = [200, 200, 200, 200, 200, 200, 401],
        ["POST /api/dressage-tests/mirror"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/dressage-tests/{testId:guid}"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/dressage-tests/{testId:guid}/file"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/dressage-tests/{testId:guid}/table"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/test-marks.csv"] = [200, 200, 200, 200, 200, 200, 401],
        ["POST /api/dressage-tests"] = [200, 403, 403, 403, 403, 200, 401],
        ["POST /api/dressage-tests/file"] = [200, 403, 403, 403, 403, 200, 401],
        ["POST /api/dressage-tests/table"] = [200, 403, 403, 403, 403, 200, 401],
        ["PUT /api/dressage-tests/{testId:guid}"] = [200, 403, 403, 403, 403, 404, 401],
        ["DELETE /api/dressage-tests/{testId:guid}"] = [200, 403, 403, 403, 403, 404, 401],
        ["POST /api/dressage-tests/{testId:guid}/restore"] = [200, 403, 403, 403, 403, 404, 401],
        ["GET /api/horses/{horseId}/dressage-tests/{testId:guid}"] = [200, 200, 200, 200, 404, 404, 401],
        ["POST /api/horses/{horseId}/dressage-tests/{testId:guid}/part"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/dressage-tests/{testId:guid}/ridden"] = [200, 200, 403, 403, 404, 404, 401],
        ["PUT /api/horses/{horseId}/dressage-tests/{testId:guid}/ridden/{riddenId:guid}"] = [200, 200, 403, 403, 404, 404, 401],
        ["DELETE /api/horses/{horseId}/dressage-tests/{testId:guid}/ridden/{riddenId:guid}"] = [200, 200, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/dressage-tests/{testId:guid}/ridden/{riddenId:guid}/restore"] = [200, 200, 403, 403, 404, 404, 401],
        ["GET /api/horses/{horseId}/aims"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/carried"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/set-ups"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/set-ups/{setUpId:guid}"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/set-ups/{setUpId:guid}/file"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/set-ups/{setUpId:guid}/drawing"] = [200, 200, 200, 200, 404, 404, 401],
        ["POST /api/horses/{horseId}/set-ups/who-can-ride"] = [200, 200, 200, 200, 404, 404, 401],
        ["POST /api/rides/judge"] = [200, 200, 200, 200, 200, 200, 401],
        ["POST /api/horses/{horseId}/set-ups/measure"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/sessions"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/sessions/{sessionId:guid}"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/rides"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/rides/{rideId:guid}"] = [200, 200, 200, 200, 404, 404, 401],

        ["GET /api/horses/{horseId}/blocks"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/blocks/{blockId:guid}"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/load"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/sides"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/then-and-now"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/repeats"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/next-time"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/referrals"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/referrals/{referralId:guid}"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/timeline"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/assessments"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/assessments/{assessmentId:guid}"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/condition"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/weather"] = [200, 200, 200, 200, 200, 200, 401],
        ["GET /api/horses/{horseId}/care"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/tack"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/accordions"] = [200, 200, 200, 200, 404, 404, 401],
        ["GET /api/horses/{horseId}/approach"] = [200, 200, 200, 200, 404, 404, 401],

        // Riders record rides of horses given to them; observers record nothing.
        ["GET /api/horses/{horseId}/rail"] = [200, 200, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/rides/{rideId:guid}/taps"] = [200, 200, 403, 403, 404, 404, 401],
        ["PUT /api/horses/{horseId}/rides/{rideId:guid}/photos/{photoId:guid}"] = [200, 200, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/blocks/{blockId:guid}/gates"] = [200, 200, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/sessions/propose"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/rides/{rideId:guid}/events"] = [200, 200, 403, 403, 404, 404, 401],

        ["POST /api/weather"] = [200, 200, 403, 403, 200, 200, 401],
        ["POST /api/horses/{horseId}/falls/{rideId:guid}"] = [200, 200, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/assessments"] = [200, 200, 403, 403, 404, 404, 401],
        ["PUT /api/horses/{horseId}/assessments/{assessmentId:guid}/answers"] = [200, 200, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/assessments/{assessmentId:guid}/finish"] = [200, 200, 403, 403, 404, 404, 401],

        // A vet restricts a horse given to them and clears what holds it.
        ["POST /api/horses/{horseId}/holds/{holdId:guid}/walk-in-hand"] = [200, 403, 403, 200, 404, 404, 401],
        ["POST /api/horses/{horseId}/known-findings"] = [200, 403, 403, 200, 404, 404, 401],
        ["POST /api/horses/{horseId}/referrals"] = [200, 403, 403, 200, 404, 404, 401],
        ["POST /api/horses/{horseId}/referrals/{referralId:guid}/outcome"] = [200, 403, 403, 200, 404, 404, 401],
        ["POST /api/horses/{horseId}/restrictions"] = [200, 403, 403, 200, 404, 404, 401],
        ["POST /api/horses/{horseId}/restrictions/{restrictionId:guid}/clearance"] = [200, 403, 403, 200, 404, 404, 401],
        ["POST /api/horses/{horseId}/holds/{holdId:guid}/clearance"] = [200, 403, 403, 200, 404, 404, 401],

        ["POST /api/horses/{horseId}/blocks/{blockId:guid}/clearances"] = [200, 403, 403, 200, 404, 404, 401],

        // The rest is the trainer's.
        ["GET /api/horses/{horseId}/blocks/suggestion"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/blocks/plan"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/blocks"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/blocks/{blockId:guid}/again"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/blocks/{blockId:guid}/accept"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/blocks/{blockId:guid}/versions/{number:int}/restore"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/blocks/{blockId:guid}/end"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/blocks/{blockId:guid}/edits"] = [200, 403, 403, 403, 404, 404, 401],
        ["GET /api/horses/{horseId}/blocks/{blockId:guid}/sessions/{sessionId:guid}/days"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/blocks/{blockId:guid}/sessions/{sessionId:guid}/draw-up"] = [200, 403, 403, 403, 404, 404, 401],
        ["PUT /api/roster"] = [200, 403, 403, 403, 403, 409, 401],
        ["GET /api/people"] = [200, 403, 403, 403, 403, 200, 401],
        ["POST /api/people"] = [200, 403, 403, 403, 403, 200, 401],
        ["PUT /api/people/{personId:guid}"] = [200, 403, 403, 403, 403, 404, 401],
        ["POST /api/horses"] = [200, 403, 403, 403, 403, 200, 401],
        ["PUT /api/horses/{horseId}"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/strides"] = [200, 403, 403, 403, 404, 404, 401],
        ["DELETE /api/horses/{horseId}/strides/{strideId:guid}"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/strides/{strideId:guid}/restore"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/assessments/{assessmentId:guid}/places"] = [200, 403, 403, 403, 404, 404, 401],
        ["PUT /api/weather/source"] = [200, 403, 403, 403, 403, 200, 401],
        ["POST /api/horses/{horseId}/time-away"] = [200, 403, 403, 403, 404, 404, 401],
        ["DELETE /api/horses/{horseId}/time-away/{id:guid}"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/time-away/{id:guid}/restore"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/ramp-end"] = [200, 403, 403, 403, 404, 404, 401],
        ["DELETE /api/horses/{horseId}/known-findings/{id:guid}"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/known-findings/{id:guid}/restore"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/leg-looks"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/care"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/rations"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/body"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/tack"] = [200, 403, 403, 403, 404, 404, 401],
        ["PUT /api/horses/{horseId}/tack/{id:guid}"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/accordions"] = [200, 403, 403, 403, 404, 404, 401],
        ["PUT /api/horses/{horseId}/approach"] = [200, 403, 403, 403, 404, 404, 401],
        ["PUT /api/horses/{horseId}/temperament"] = [200, 403, 403, 403, 404, 404, 401],
        ["DELETE /api/horses/{horseId}/care/{id:guid}"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/care/{id:guid}/restore"] = [200, 403, 403, 403, 404, 404, 401],
        ["DELETE /api/horses/{horseId}/rations/{id:guid}"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/rations/{id:guid}/restore"] = [200, 403, 403, 403, 404, 404, 401],
        ["DELETE /api/horses/{horseId}/body/{id:guid}"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/body/{id:guid}/restore"] = [200, 403, 403, 403, 404, 404, 401],
        ["DELETE /api/horses/{horseId}/tack/{id:guid}"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/tack/{id:guid}/restore"] = [200, 403, 403, 403, 404, 404, 401],
        ["DELETE /api/horses/{horseId}/accordions/{id:guid}"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/accordions/{id:guid}/restore"] = [200, 403, 403, 403, 404, 404, 401],
        ["PUT /api/approach"] = [200, 403, 403, 403, 403, 200, 401],
        ["POST /api/session-templates"] = [200, 403, 403, 403, 403, 200, 401],
        ["DELETE /api/session-templates/{templateId:guid}"] = [200, 403, 403, 403, 403, 404, 401],
        ["POST /api/session-templates/{templateId:guid}/restore"] = [200, 403, 403, 403, 403, 404, 401],
        ["POST /api/library/exercises"] = [200, 403, 403, 403, 403, 200, 401],
        ["PUT /api/library/exercises/{exerciseId:guid}"] = [200, 403, 403, 403, 403, 404, 401],
        ["DELETE /api/library/exercises/{exerciseId:guid}"] = [200, 403, 403, 403, 403, 404, 401],
        ["POST /api/library/exercises/{exerciseId:guid}/restore"] = [200, 403, 403, 403, 403, 404, 401],
        ["PUT /api/arena"] = [200, 403, 403, 403, 403, 200, 401],
        ["PUT /api/kit"] = [200, 403, 403, 403, 403, 200, 401],
        ["PUT /api/library/hidden"] = [200, 403, 403, 403, 403, 200, 401],
        ["PUT /api/library/notes"] = [200, 403, 403, 403, 403, 200, 401],
        ["POST /api/horses/{horseId}/ladders/places"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/ladders/moves"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/ladders/climb"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/aims"] = [200, 403, 403, 403, 404, 404, 401],
        ["PUT /api/horses/{horseId}/aims/{aimId:guid}"] = [200, 403, 403, 403, 404, 404, 401],
        ["DELETE /api/horses/{horseId}/aims/{aimId:guid}"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/aims/{aimId:guid}/restore"] = [200, 403, 403, 403, 404, 404, 401],
        ["PUT /api/horses/{horseId}/goal"] = [200, 403, 403, 403, 404, 404, 401],
        ["PUT /api/horses/{horseId}/aims/{aimId:guid}/demands"] = [200, 403, 403, 403, 404, 404, 401],
        ["PUT /api/horses/{horseId}/aims/{aimId:guid}/result"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/aims/{aimId:guid}/moves/day-more"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/aims/{aimId:guid}/moves/more-help"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/set-ups/file"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/set-ups"] = [200, 403, 403, 403, 404, 404, 401],
        ["PUT /api/horses/{horseId}/set-ups/{setUpId:guid}"] = [200, 403, 403, 403, 404, 404, 401],
        ["DELETE /api/horses/{horseId}/set-ups/{setUpId:guid}"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/set-ups/{setUpId:guid}/restore"] = [200, 403, 403, 403, 404, 404, 401],
        ["GET /api/overruled"] = [200, 403, 403, 403, 403, 200, 401],
        ["GET /api/horses/{horseId}/sessions/facts"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/sessions/check"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/sessions"] = [200, 403, 403, 403, 404, 404, 401],
        ["PUT /api/horses/{horseId}/sessions/{sessionId:guid}"] = [200, 403, 403, 403, 404, 404, 401],
        ["DELETE /api/horses/{horseId}/sessions/{sessionId:guid}"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/sessions/{sessionId:guid}/restore"] = [200, 403, 403, 403, 404, 404, 401],
        ["POST /api/horses/{horseId}/rides/{rideId:guid}/answers"] = [200, 403, 403, 403, 404, 404, 401],

        // Last, since they change who is signed in.
        ["PUT /api/me/password"] = [200, 200, 200, 200, 200, 200, 401],
        ["POST /api/sign-in"] = [200, 200, 200, 200, 200, 200, 200],
        ["DELETE /api/sign-in"] = [200, 200, 200, 200, 200, 200, 200],
    };

    [Fact]
    public void Every_endpoint_has_its_row_and_every_row_its_endpoint()
    {
        var served = app
            .Services.GetServices<EndpointDataSource>()
            .SelectMany(s => s.Endpoints)
            .OfType<RouteEndpoint>()
            .Where(e => e.RoutePattern.RawText != "{*path:nonfile}")
            .SelectMany(e => (e.Metadata.GetMetadata<HttpMethodMetadata>()?.HttpMethods ?? []).Select(m => $"{m} {Route(e)}"))
            .Order();
        Expected.Keys.Order().ShouldBe(served);
        Calls.All.Keys.Order().ShouldBe(served);
    }

    [Fact]
    public void Every_endpoint_of_the_api_says_what_it_needs_or_that_it_is_open()
    {
        foreach (
            var endpoint in app
                .Services.GetServices<EndpointDataSource>()
                .SelectMany(s => s.Endpoints)
                .OfType<RouteEndpoint>()
                .Where(e => Route(e).StartsWith("/api/", StringComparison.Ordinal))
        )
        {
            (endpoint.Metadata.GetMetadata<AccessMetadata>() is not null || Route(endpoint) == "/api/sign-in").ShouldBeTrue(
                Route(endpoint)
            );
        }
    }

    [Fact]
    public async Task The_matrix_holds()
    {
        Client[] callers = [app.Trainer, app.Rider, app.Owner, app.Vet, app.Stranger, app.Elsewhere, app.Nobody];
        string[] names = ["trainer", "rider", "owner", "vet", "rider not given it", "another yard's trainer", "nobody"];
        var wrong = new List<string>();
        foreach (var (endpoint, statuses) in Expected)
        {
            // The trainer makes what is called; whoever is refused leaves it as it was for the next.
            Call? untouched = null;
            foreach (var (caller, i) in callers.Select((c, i) => (c, i)))
            {
                var call = untouched ?? await Calls.All[endpoint](app);
                untouched = statuses[i] == 200 ? null : call;
                var method = new HttpMethod(endpoint.Split(' ')[0]);
                var answer = await caller.SendAsync(method, call.Address, call.Body);
                var status = answer.IsSuccessStatusCode ? 200 : (int)answer.StatusCode;
                if (status != statuses[i])
                {
                    wrong.Add($"{endpoint} by {names[i]}: {status}, not {statuses[i]}: {await answer.Content.ReadAsStringAsync()}");
                }

                if (answer.StatusCode is HttpStatusCode.Unauthorized or HttpStatusCode.Forbidden or HttpStatusCode.NotFound)
                {
                    (await Problem.ReadAsync(answer)).Title.ShouldNotBeEmpty();
                }

                if (endpoint.EndsWith("/sign-in", StringComparison.Ordinal) || endpoint.EndsWith("/password", StringComparison.Ordinal))
                {
                    await caller.RefreshAsync();
                }
            }
        }

        wrong.ShouldBeEmpty();
    }

    private static string Route(RouteEndpoint endpoint) => "/" + endpoint.RoutePattern.RawText!.TrimStart('/');
}
