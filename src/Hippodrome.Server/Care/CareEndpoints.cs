using Hippodrome.Application.Care;
using Hippodrome.Server.Horses;
using Hippodrome.Server.Hosting;
using Hippodrome.Storage.Horses;

namespace Hippodrome.Server.Care;

public static class CareEndpoints
{
    public static void MapCare(this RouteGroupBuilder api)
    {
        api.MapGet("/horses/{horseId}/care", CareOfHorse.ReadAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/care", CareOfHorse.AddAsync).Needs(Access.Trains).Creates();
        api.MapPost("/horses/{horseId}/rations", CareOfHorse.FeedAsync).Needs(Access.Trains).Creates();
        api.MapPost("/horses/{horseId}/body", CareOfHorse.MeasureAsync).Needs(Access.Trains).Creates();
        api.MapGet("/horses/{horseId}/referrals", ReferralsOfHorse.ListAsync).Needs(Access.Reads);
        api.MapGet("/horses/{horseId}/referrals/{referralId:guid}", ReferralsOfHorse.OneAsync).Needs(Access.Reads);
        api.MapPost("/horses/{horseId}/referrals", ReferralsOfHorse.AddAsync).Needs(Access.Clears).Creates();
        api.MapPost("/horses/{horseId}/referrals/{referralId:guid}/outcome", ReferralsOfHorse.AnswerAsync).Needs(Access.Clears).Creates();
        api.MapRemovable("/horses/{horseId}/care", Removable.CareVisit);
        api.MapRemovable("/horses/{horseId}/body", Removable.BodyMeasure);
        api.MapRemovable("/horses/{horseId}/rations", Removable.Ration);
    }
}
